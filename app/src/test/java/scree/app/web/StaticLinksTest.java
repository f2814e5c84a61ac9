package scree.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockServletContext;
import org.springframework.web.context.support.AnnotationConfigWebApplicationContext;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.EnableWebMvc;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.function.RouterFunction;
import org.springframework.web.servlet.function.RouterFunctions;
import org.springframework.web.servlet.function.ServerResponse;
import org.springframework.web.servlet.function.support.RouterFunctionMapping;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import org.springframework.web.servlet.resource.ResourceUrlProviderExposingInterceptor;
import org.springframework.web.servlet.resource.VersionResourceResolver;

class StaticLinksTest {
    /** A browser or a proxy that waits for Scree asks for its first page as soon as the door is open, which is before the context is refreshed. */
    @Test
    void whoAsksWhileScreeIsStillStartingGetsLinksWithVersionsAndSoDoesEverybodyAfter() throws Exception {
        try (AnnotationConfigWebApplicationContext context = new AnnotationConfigWebApplicationContext()) {
            context.setServletContext(new MockServletContext());
            context.register(Web.class, StaticLinks.class, Door.class);
            context.refresh();
            assertThat(context.getBean(Door.class).first).matches("/css/ground-[0-9a-f]{32}\\.css");
            assertThat(link(context.getBean(RouterFunctionMapping.class))).matches("/css/ground-[0-9a-f]{32}\\.css");
        }
    }

    private static String link(RouterFunctionMapping pages) throws Exception {
        MockHttpServletRequest request = new MockHttpServletRequest("GET", "/page");
        HandlerExecutionChain chain = pages.getHandler(request);
        for (HandlerInterceptor interceptor : chain.getInterceptorList()) {
            interceptor.preHandle(request, new MockHttpServletResponse(), chain.getHandler());
        }
        ResourceUrlProvider provider = (ResourceUrlProvider)
                request.getAttribute(ResourceUrlProviderExposingInterceptor.RESOURCE_URL_PROVIDER_ATTR);
        return provider.getForLookupPath("/css/ground.css");
    }

    @Configuration
    @EnableWebMvc
    static class Web implements WebMvcConfigurer {
        @Override
        public void addResourceHandlers(ResourceHandlerRegistry registry) {
            registry.addResourceHandler("/**")
                    .addResourceLocations("classpath:/static/")
                    .setCacheControl(CacheControl.maxAge(1, TimeUnit.DAYS))
                    .resourceChain(true)
                    .addResolver(new VersionResourceResolver().addContentVersionStrategy("/css/**"));
        }

        @Bean
        RouterFunction<ServerResponse> page() {
            return RouterFunctions.route()
                    .GET("/page", r -> ServerResponse.ok().build())
                    .build();
        }
    }

    /** Opens where the web server does, and the first page is asked for at once. */
    static class Door implements SmartLifecycle {
        private final RouterFunctionMapping pages;
        private String first;

        Door(RouterFunctionMapping pages) {
            this.pages = pages;
        }

        @Override
        public void start() {
            try {
                first = link(pages);
            } catch (Exception e) {
                throw new IllegalStateException("no page", e);
            }
        }

        @Override
        public void stop() {
            // nothing is open
        }

        @Override
        public boolean isRunning() {
            return first != null;
        }
    }
}
