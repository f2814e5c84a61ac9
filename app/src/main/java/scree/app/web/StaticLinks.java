package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.ResourceHttpRequestHandler;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import org.springframework.web.servlet.resource.ResourceUrlProviderExposingInterceptor;

/**
 * Looks only links to styles, scripts and fonts up among the static files, to put their versions in. Spring looks every link of
 * a page up there, which for a long list is a hundred searches through the jars.
 */
@Configuration
class StaticLinks implements WebMvcConfigurer {
    private static final List<String> STATIC = List.of("cs?", "j?", "font?", "vendo?");

    private final ApplicationContext context;

    StaticLinks(ApplicationContext context) {
        this.context = context;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        // after Spring's own, which it takes the place of
        registry.addInterceptor(new Exposing()).order(1);
    }

    private final class Exposing implements HandlerInterceptor {
        private ResourceUrlProvider narrowed;

        @Override
        public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
            if (narrowed == null) {
                narrowed = narrowed();
            }
            request.setAttribute(ResourceUrlProviderExposingInterceptor.RESOURCE_URL_PROVIDER_ATTR, narrowed);
            return true;
        }
    }

    /**
     * The same handlers under patterns that only static files match. With its question mark a first segment is a pattern, so it
     * stays in the path below it. Spring's own provider knows its handlers only when the whole context is refreshed, and the first
     * page may be asked for before that; so they are looked for here.
     */
    private ResourceUrlProvider narrowed() {
        Map<String, ResourceHttpRequestHandler> handlers = new LinkedHashMap<>();
        new Detecting().handlers(context).forEach((pattern, handler) -> {
            if (pattern.equals("/**")) {
                STATIC.forEach(dir -> handlers.put("/" + dir + "/**", handler));
            } else {
                handlers.put(pattern, handler);
            }
        });
        ResourceUrlProvider narrowed = new ResourceUrlProvider();
        narrowed.setHandlerMap(handlers);
        return narrowed;
    }

    private static final class Detecting extends ResourceUrlProvider {
        Map<String, ResourceHttpRequestHandler> handlers(ApplicationContext context) {
            detectResourceHandlers(context);
            return getHandlerMap();
        }
    }
}
