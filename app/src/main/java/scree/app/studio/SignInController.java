package scree.app.studio;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class SignInController {
    private final boolean demo;

    SignInController(@Value("${scree.demo.enabled}") boolean demo) {
        this.demo = demo;
    }

    @GetMapping("/sign-in")
    String signIn(
            @RequestParam(required = false) String failed, @RequestParam(required = false) String left, Model model) {
        model.addAttribute("failed", failed != null);
        model.addAttribute("left", left != null);
        model.addAttribute("demo", demo);
        return "studio/sign-in";
    }
}
