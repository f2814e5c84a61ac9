package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;

/** What every page's frame needs. */
@ControllerAdvice
class ShellAdvice {
    private final boolean demo;
    private final StudioTime time;

    ShellAdvice(@Value("${scree.demo.enabled}") boolean demo, StudioTime time) {
        this.demo = demo;
        this.time = time;
    }

    @ModelAttribute("place")
    String place(HttpServletRequest request) {
        String path = request.getRequestURI();
        return path.startsWith("/clients")
                ? "clients"
                : path.startsWith("/kit") || path.startsWith("/card") ? "kit" : "today";
    }

    /** Returns where the studio works, for moments that a page shows; null for a visitor. */
    @ModelAttribute("zone")
    ZoneId zone(@CurrentMember Member me) {
        return me == null ? null : time.zone(me.studio());
    }

    @ModelAttribute("demoMode")
    boolean demo() {
        return demo;
    }
}
