package scree.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Asks at every request whether the artist is still with the studio, the password still the one of the session, and the session not older
 * than any may grow, however much it is used.
 */
class StillHere extends OncePerRequestFilter {
    /** House choice: whoever works every day signs in once a week. */
    static final Duration OLDEST = Duration.ofDays(7);

    private final ObjectProvider<Accounts> accounts;
    private final Clock clock;

    StillHere(ObjectProvider<Accounts> accounts, Clock clock) {
        this.accounts = accounts;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication as = SecurityContextHolder.getContext().getAuthentication();
        if (as != null && as.getPrincipal() instanceof Member member) {
            Accounts known = accounts.getIfAvailable();
            HttpSession session = request.getSession(false);
            if (known != null && known.gone(member) || session != null && old(session)) {
                if (session != null) {
                    session.invalidate();
                }
                SecurityContextHolder.clearContext();
            }
        }
        chain.doFilter(request, response);
    }

    private boolean old(HttpSession session) {
        return clock.millis() - session.getCreationTime() > OLDEST.toMillis();
    }
}
