package scree.app.rights;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import scree.app.web.Words;

/** Says to whom a page is not open what is, and whom to ask. Before what answers all other troubles. */
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class RefusedPage {
    private final Words words;

    RefusedPage(Words words) {
        this.words = words;
    }

    @ExceptionHandler
    String refused(NotForThisRole e, HttpServletResponse response, Model model) {
        response.setStatus(HttpStatus.FORBIDDEN.value());
        model.addAttribute("status", HttpStatus.FORBIDDEN.value());
        model.addAttribute("sentence", words.say("rights.refused." + e.role()));
        return "error";
    }
}
