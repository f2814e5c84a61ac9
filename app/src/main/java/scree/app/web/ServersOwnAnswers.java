package scree.app.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Configuration;
import scree.app.studio.ContentPolicy;

/** What the server answers before any filter sees a request, such as a torn address, keeps a browser as honest as every page. */
@Configuration
class ServersOwnAnswers implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addEngineValves(new Headers());
    }

    private static final class Headers extends ValveBase {
        Headers() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            response.setHeader("Content-Security-Policy", ContentPolicy.PAGES);
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("X-Frame-Options", "DENY");
            response.setHeader("Referrer-Policy", "same-origin");
            getNext().invoke(request, response);
        }
    }
}
