package scree.app.privacy;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.DataAccessException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import scree.app.studio.Member;

/** Tells the audit list who looked at or worked on which client, page by page. */
@Component
class Watching implements HandlerInterceptor, WebMvcConfigurer {
    private static final Logger LOG = LoggerFactory.getLogger(Watching.class);
    private static final Pattern ABOUT = Pattern.compile("/(clients|sittings)/(\\d{1,18})(?:/([a-z-]+))?.*");
    private static final int REFUSED = 400;

    private final ObjectProvider<Audit> audit;

    Watching(ObjectProvider<Audit> audit) {
        this.audit = audit;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void afterCompletion(HttpServletRequest request, HttpServletResponse response, Object handler, Exception e) {
        Authentication as = SecurityContextHolder.getContext().getAuthentication();
        Matcher about = ABOUT.matcher(
                request.getRequestURI().substring(request.getContextPath().length()));
        Audit list = audit.getIfAvailable();
        if (list == null
                || e != null
                || response.getStatus() >= REFUSED
                || as == null
                || !(as.getPrincipal() instanceof Member me)
                || !about.matches()) {
            return;
        }
        try {
            long number = Long.parseLong(about.group(2));
            Long client = about.group(1).equals("clients") ? Long.valueOf(number) : list.clientOf(me.studio(), number);
            if (client != null) {
                boolean looked = request.getMethod().equals("GET");
                list.passed(me, looked ? Audit.Act.SAW : Audit.Act.CHANGED, client, about.group(3));
            }
        } catch (DataAccessException away) {
            LOG.warn("not told to the audit list: {}", away.getMessage());
        }
    }
}
