package scree.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.ResourcePatternResolver;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import scree.app.studio.CurrentMember;
import scree.app.studio.Customs;
import scree.app.studio.Member;
import scree.app.studio.StudioTime;

/** What every page's frame needs; pages of errors, which have no model, ask it by name. */
@ControllerAdvice
public class ShellAdvice {
    /** What others build on; everything else follows by name. */
    private static final List<String> FIRST = List.of("ground.css", "stages.css", "drafts.js", "queue.js", "scree.js");

    private final boolean demo;
    private final StudioTime time;
    private final Origin origin;
    private final Customs customs;
    private final List<String> styles;
    private final List<String> scripts;

    ShellAdvice(
            @Value("${scree.demo.enabled}") boolean demo,
            StudioTime time,
            Customs customs,
            Origin origin,
            ResourcePatternResolver files)
            throws IOException {
        this.origin = origin;
        this.customs = customs;
        this.demo = demo;
        this.time = time;
        this.styles = named(files, "/css/", "*.css");
        this.scripts = named(files, "/js/", "*.js");
    }

    private static List<String> named(ResourcePatternResolver files, String folder, String pattern) throws IOException {
        return Arrays.stream(files.getResources("classpath:/static" + folder + pattern))
                .map(Resource::getFilename)
                .sorted(Comparator.comparingInt((String n) -> FIRST.contains(n) ? FIRST.indexOf(n) : FIRST.size())
                        .thenComparing(Comparator.naturalOrder()))
                .map(name -> folder + name)
                .toList();
    }

    /** Returns every style sheet that ships, so that a stage brings its own by putting it there. */
    public List<String> getStyles() {
        return styles;
    }

    /** Returns every script of signed-in pages. */
    public List<String> getScripts() {
        return scripts;
    }

    @ModelAttribute("place")
    String place(HttpServletRequest request) {
        String first = (request.getRequestURI() + "/").split("/", 3)[1];
        return switch (first) {
            case "people", "account", "keeping" -> "studio";
            case "clients", "practice", "method" -> first;
            case "kit", "card" -> "kit";
            default -> "today";
        };
    }

    /** Returns where the studio works, for moments that a page shows; null for a visitor. */
    @ModelAttribute("zone")
    ZoneId zone(@CurrentMember Member me) {
        return me == null ? null : time.zone(me.studio());
    }

    /** Returns whether browsers make keys for how Scree is reached. */
    @ModelAttribute("takesKeys")
    boolean takesKeys(HttpServletRequest request) {
        return origin.takesKeys(request);
    }

    /** Returns what the studio counts in. */
    @ModelAttribute("customs")
    Customs.Kept customs(@CurrentMember Member me) {
        Customs.Kept kept = me == null ? null : customs.of(me.studio());
        return kept == null ? Customs.Kept.none() : kept;
    }

    @ModelAttribute("demoMode")
    boolean demo() {
        return demo;
    }
}
