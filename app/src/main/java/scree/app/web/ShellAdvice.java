package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What every page's frame needs. */
@ControllerAdvice
class ShellAdvice {
    private final boolean demo;

    ShellAdvice(@Value("${scree.demo.enabled}") boolean demo) {
        this.demo = demo;
    }

    @ModelAttribute("place")
    String place(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.startsWith("/clients")
                ? "clients"
                : path.startsWith("/kit") || path.startsWith("/card") ? "kit" : "today";
    }

    @ModelAttribute("demoMode")
    boolean demo() {
        return demo;
    }
}
