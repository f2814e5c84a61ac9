package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * How this Scree is reached from outside, for links that leave it. What a request claims in its Host header is believed only
 * while nothing is configured and the claim is this machine itself.
 */
@Component
public class Origin {
    private final String configured;

    Origin(@Value("${scree.origin:}") String configured) {
        this.configured = configured.strip().replaceAll("/+$", "");
    }

    /** Returns whether browsers make keys for it: they take names, and only over a connection that is safe. */
    public boolean takesKeys(HttpServletRequest request) {
        URI reached = URI.create(of(request));
        String host = reached.getHost();
        boolean named = host != null && !host.matches("[\\d.]+") && !host.startsWith("[");
        return named && (reached.getScheme().equals("https") || host.equals("localhost"));
    }

    /** Returns scheme, host and port, without a slash at the end. */
    public String of(HttpServletRequest request) {
        if (!configured.isEmpty()) {
            return configured;
        }
        String host = request.getServerName();
        boolean here =
                host.equals("localhost") || host.equals("127.0.0.1") || host.equals("[::1]") || host.equals("::1");
        return request.getScheme() + "://" + (here ? host : request.getLocalName()) + ":" + request.getLocalPort();
    }
}
