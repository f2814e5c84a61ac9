package scree.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.server.context.WebServerPortFileWriter;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts Scree. Everything else is found by feature: one package a stage. */
@SpringBootApplication
@EnableScheduling
public class ScreeApplication {
    public static void main(String[] args) {
        SpringApplication app = new SpringApplication(ScreeApplication.class);
        String portFile = System.getenv("SCREE_PORT_FILE");
        if (portFile != null
                && !portFile.isBlank()) { // whoever starts it learns the ports that it chose, health beside it
            app.addListeners(new WebServerPortFileWriter(portFile));
        }
        app.run(args);
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
