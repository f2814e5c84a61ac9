package scree.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Asks at every request whether the artist is still with the studio and the password still the one of the session. */
class StillHere extends OncePerRequestFilter {
    private final ObjectProvider<Accounts> accounts;

    StillHere(ObjectProvider<Accounts> accounts) {
        this.accounts = accounts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication as = SecurityContextHolder.getContext().getAuthentication();
        if (as != null && as.getPrincipal() instanceof Member member) {
            Accounts known = accounts.getIfAvailable();
            if (known != null && known.gone(member)) {
                HttpSession session = request.getSession(false);
                if (session != null) {
                    session.invalidate();
                }
                SecurityContextHolder.clearContext();
            }
        }
        chain.doFilter(request, response);
    }
}
