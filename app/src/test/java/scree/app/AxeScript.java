package scree.app;

import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.function.RequestPredicates;
import org.springframework.web.servlet.function.RouterFunction;
import org.springframework.web.servlet.function.RouterFunctions;
import org.springframework.web.servlet.function.ServerResponse;

/** Lets a page in a test fetch axe like a script of its own: a browser keeps it as it was understood, and reads half a megabyte once. */
@Configuration(proxyBeanMethods = false)
class AxeScript {
    @Bean
    RouterFunction<ServerResponse> axe() {
        return RouterFunctions.route(
                RequestPredicates.GET("/js/axe.min.js"),
                asked -> ServerResponse.ok()
                        .contentType(MediaType.valueOf("text/javascript"))
                        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)))
                        .body(new ClassPathResource("axe.min.js")));
    }
}
