package scree.app.remote;

import com.github.benmanes.caffeine.cache.Cache;
import io.github.bucket4j.Bucket;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.MessageSource;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import scree.app.memory.Memories;

/** Keeps the open door narrow: so many requests a minute from one address, on client links only. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10) // before security, so that posts it refuses count as well
class RemoteRate extends OncePerRequestFilter {
    private static final int ADDRESSES_KEPT = 10_000;

    /** Doors that a token alone opens. */
    private static final List<String> OPEN = List.of("/from-home/", "/calendar/", "/first-run/", "/join/");

    private final MessageSource messages;
    private final int perMinute;
    private final Cache<String, Bucket> buckets;

    RemoteRate(
            @Value("${scree.remote.requests-per-minute:40}") int perMinute, Memories memories, MessageSource messages) {
        this.messages = messages;
        this.buckets = memories.keep("addresses", ADDRESSES_KEPT);
        this.perMinute = perMinute;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getServletPath();
        return OPEN.stream().noneMatch(path::startsWith);
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
            response.getWriter().write(messages.getMessage("remote.tooMany", null, request.getLocale()));
        }
    }

    private Bucket bucket(String address) {
        return buckets.get(
                address,
                a -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(perMinute).refillGreedy(perMinute, Duration.ofMinutes(1)))
                        .build());
    }

    /** Returns how many addresses are remembered. */
    long addresses() {
        buckets.cleanUp();
        return buckets.estimatedSize();
    }
}
