package scree.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import scree.app.studio.ContentPolicy;

/**
 * The outermost door: when the database is away, a page says so, says what is kept and comes back by itself. It stands before
 * sessions and sign-in, which need the database themselves.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class StoreAway extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(StoreAway.class);
    private static final String RETRY_SECONDS = "5";

    private final ObjectProvider<ITemplateEngine> pages;

    StoreAway(ObjectProvider<ITemplateEngine> pages) {
        this.pages = pages;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException trouble) {
            if (!StoreTrouble.away(trouble) || response.isCommitted()) {
                throw trouble;
            }
            LOG.warn("the database is away: {} {}", request.getMethod(), Masked.path(request.getRequestURI()));
            tell(request, response);
        }
    }

    private void tell(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Context context = new Context(request.getLocale());
        context.setVariable("again", request.getMethod().equals("GET"));
        response.reset();
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader("Retry-After", RETRY_SECONDS);
        response.setHeader("Cache-Control", "no-store");
        response.setHeader("Content-Security-Policy", ContentPolicy.PAGES);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setContentType("text/html;charset=UTF-8");
        response.getOutputStream()
                .write(pages.getObject().process("away", context).getBytes(StandardCharsets.UTF_8));
    }
}
