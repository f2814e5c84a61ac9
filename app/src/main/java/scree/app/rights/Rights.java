package scree.app.rights;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.NotHere;

/**
 * Stands before every page and lets through to whom it is open. Trainees meet only faces of their own: of all others they do not even learn that
 * these exist. Templates ask the same, so that nothing is offered that is refused.
 */
@Component("rights")
public class Rights implements HandlerInterceptor, WebMvcConfigurer {
    private static final Set<Role> USUALLY = EnumSet.of(Role.OWNER, Role.ARTIST);
    private static final String SITTINGS = "/sittings/{";
    private static final String PICTURES = "/pictures/{";

    private final ObjectProvider<RequestMappingHandlerMapping> routes;
    private final ObjectProvider<PractisedBy> practised;
    private Map<String, Set<Role>> open;

    Rights(
            @Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> routes,
            ObjectProvider<PractisedBy> practised) {
        this.routes = routes;
        this.practised = practised;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    /** @throws NotForThisRole when the page is not open to whoever is signed in */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Member me = signedIn();
        if (me != null && handler instanceof HandlerMethod page) {
            if (!of(page).contains(me.role())) {
                throw new NotForThisRole(me.role());
            }
            if (me.role() == Role.TRAINEE) {
                onlyTheirOwn(me, request);
            }
        }
        return true;
    }

    private void onlyTheirOwn(Member me, HttpServletRequest request) {
        String pattern = String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE));
        PractisedBy theirs = practised.getObject();
        boolean other = pattern.startsWith(SITTINGS) && !theirs.sitting(me.studio(), me.artistId(), id(request))
                || pattern.startsWith(PICTURES) && !theirs.picture(me.studio(), me.artistId(), id(request));
        if (other) {
            throw new NotHere("sitting");
        }
    }

    /** Returns the number in the address as the page will get it; 0, which nothing has, when it is none. */
    private static long id(HttpServletRequest request) {
        Object id = ((Map<?, ?>) request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE)).get("id");
        try {
            return Long.parseLong(String.valueOf(id));
        } catch (NumberFormatException none) {
            return 0;
        }
    }

    /** Returns whether a page that is looked at is open to whoever is signed in. */
    public boolean opens(String pattern) {
        return opens("GET", pattern);
    }

    /** Returns whether what a form sends is taken from whoever is signed in. */
    public boolean takes(String pattern) {
        return opens("POST", pattern);
    }

    private boolean opens(String verb, String pattern) {
        Member me = signedIn();
        Set<Role> roles = table().get(verb + " " + pattern);
        if (roles == null) {
            throw new IllegalArgumentException("no such page: " + verb + " " + pattern);
        }
        return me != null && roles.contains(me.role());
    }

    private static Member signedIn() {
        Authentication as = SecurityContextHolder.getContext().getAuthentication();
        return as != null && as.getPrincipal() instanceof Member member ? member : null;
    }

    /** Returns to whom a page is open. */
    static Set<Role> of(HandlerMethod page) {
        OpenTo said = AnnotatedElementUtils.findMergedAnnotation(page.getMethod(), OpenTo.class);
        if (said == null) {
            said = AnnotatedElementUtils.findMergedAnnotation(page.getBeanType(), OpenTo.class);
        }
        return said == null ? USUALLY : Set.of(said.value());
    }

    /** By verb and pattern, read once. */
    private synchronized Map<String, Set<Role>> table() {
        if (open == null) {
            Map<String, Set<Role>> read = new HashMap<>();
            routes.getObject().getHandlerMethods().forEach((route, page) -> {
                var verbs = route.getMethodsCondition().getMethods();
                for (RequestMethod verb : verbs.isEmpty() ? EnumSet.of(RequestMethod.GET) : verbs) {
                    for (String pattern : route.getPathPatternsCondition().getPatternValues()) {
                        read.put(verb + " " + pattern, of(page));
                    }
                }
            });
            open = read;
        }
        return open;
    }
}
