package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Tells the browser that what it kept of a form was saved. A browser keeps what is typed until then; only a handler that did what
 * was asked sends it on elsewhere, so an answer that shows the form again, or a sign-in page, leaves the draft alone.
 */
@Configuration
class DraftSaved implements WebMvcConfigurer {
    private static final Pattern DRAFT = Pattern.compile("[a-z0-9]{1,40}");

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new HandlerInterceptor() {
            @Override
            public void postHandle(
                    HttpServletRequest request, HttpServletResponse response, Object handler, ModelAndView shown) {
                String draft = request.getMethod().equals("POST") ? request.getParameter("draft") : null;
                if (draft != null && DRAFT.matcher(draft).matches() && done(shown)) {
                    response.addHeader(HttpHeaders.SET_COOKIE, saved(request, draft));
                }
            }
        });
    }

    private static boolean done(ModelAndView shown) {
        return shown != null
                && shown.getViewName() != null
                && (shown.getViewName().startsWith("redirect:")
                        || shown.getViewName().equals("remote/thanks"));
    }

    /** Read by the page's script, which then forgets both. */
    private static String saved(HttpServletRequest request, String draft) {
        return ResponseCookie.from("scree-saved", draft)
                .path("/")
                .secure(request.isSecure())
                .sameSite("Lax")
                .maxAge(Duration.ofMinutes(2))
                .build()
                .toString();
    }
}
