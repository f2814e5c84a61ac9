package scree.app.studio;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class SignInController {
    private static final int MINUTE = 60;
    private final boolean demo;
    private final StillLoading loading;

    SignInController(@Value("${scree.demo.enabled}") boolean demo, StillLoading loading) {
        this.demo = demo;
        this.loading = loading;
    }

    /**
     * @param wait seconds until a password may be tried again
     * @param founded the first studio was founded just now
     * @param ended the session ended while somebody worked
     */
    @GetMapping("/sign-in")
    String signIn(
            @RequestParam(required = false) String failed,
            @RequestParam(required = false) String left,
            @RequestParam(required = false) String ended,
            @RequestParam(required = false) String founded,
            @RequestParam(required = false) String joined,
            @RequestParam(required = false) Long wait,
            Model model) {
        String said = loading.now() && demo ? "loading" : failed != null ? "failed" : ended != null ? "ended" : null;
        said = said == null && founded != null ? "founded" : said;
        said = said == null && joined != null ? "joined" : said;
        model.addAttribute("said", said);
        model.addAttribute("left", left != null);
        model.addAttribute("waitMinutes", wait == null ? null : Math.max(1, (wait + MINUTE - 1) / MINUTE));
        model.addAttribute("demo", demo);
        return "studio/sign-in";
    }
}
