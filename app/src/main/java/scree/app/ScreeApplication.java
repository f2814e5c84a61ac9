package scree.app;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts Scree. Everything else is found by feature: one package a stage. */
@SpringBootApplication
@EnableScheduling
public class ScreeApplication {
    public static void main(String[] args) {
        SpringApplication.run(ScreeApplication.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }
}
