package scree.app.remote;

import io.github.bucket4j.Bucket;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Keeps the open door narrow: so many requests a minute from one address, on client links only. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10) // before security, so that posts it refuses count as well
class RemoteRate extends OncePerRequestFilter {
    private static final int ADDRESSES_KEPT = 10_000;

    private final int perMinute;
    private final Map<String, Bucket> buckets = new LinkedHashMap<>(64, .75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Bucket> eldest) {
            return size() > ADDRESSES_KEPT;
        }
    };

    RemoteRate(@Value("${scree.remote.requests-per-minute:40}") int perMinute) {
        this.perMinute = perMinute;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getServletPath().startsWith("/from-home/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (bucket(request.getRemoteAddr()).tryConsume(1)) {
            chain.doFilter(request, response);
        } else {
            response.setStatus(429);
            response.setHeader("Retry-After", "60");
            response.setContentType("text/plain;charset=UTF-8");
            response.getWriter()
                    .write("Too many requests from here. Wait a minute and load the page again; nothing is lost.");
        }
    }

    private Bucket bucket(String address) {
        synchronized (buckets) {
            return buckets.computeIfAbsent(
                    address,
                    a -> Bucket.builder()
                            .addLimit(limit -> limit.capacity(perMinute).refillGreedy(perMinute, Duration.ofMinutes(1)))
                            .build());
        }
    }
}
