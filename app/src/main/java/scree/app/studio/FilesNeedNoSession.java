package scree.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets styles, scripts and fonts past the session filter: they are the same for everyone, and a look into the database for each
 * would slow every page and leave it bare when the database is away.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 5)
class FilesNeedNoSession extends OncePerRequestFilter {
    private static final Pattern FILE = Pattern.compile("/(css|js|fonts|webjars|vendor)/.*|/favicon\\.svg");
    /** How the session filter marks a request that it has seen. */
    private static final String SEEN = SessionRepositoryFilter.class.getName() + ".FILTERED";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (FILE.matcher(request.getRequestURI()
                        .substring(request.getContextPath().length()))
                .matches()) {
            request.setAttribute(SEEN, Boolean.TRUE);
        }
        chain.doFilter(request, response);
    }
}
