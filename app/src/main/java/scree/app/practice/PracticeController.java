package scree.app.practice;

import java.time.Duration;
import java.util.stream.IntStream;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.studio.OpenTo;
import scree.app.studio.Role;
import scree.app.web.Once;

/** Made-up faces, and what was practised on them. */
@Controller
@RequestMapping("/practice")
@OpenTo({Role.OWNER, Role.ARTIST, Role.TRAINEE})
class PracticeController {
    private static final Duration SHIPPED = Duration.ofDays(1);

    private final Practice practice;
    private final Once once;

    PracticeController(Practice practice, Once once) {
        this.practice = practice;
        this.once = once;
    }

    /** A face that can be taken. */
    record Face(int number, String name) {}

    @GetMapping
    String page(@CurrentMember Member me, Model model) {
        model.addAttribute(
                "faces",
                IntStream.range(0, practice.count())
                        .mapToObj(i -> new Face(i, practice.name(i)))
                        .toList());
        model.addAttribute("practised", practice.seenBy(me));
        model.addAttribute("me", me.artistId());
        return "practice/page";
    }

    @GetMapping("/faces/{face}.jpg")
    ResponseEntity<byte[]> picture(@PathVariable int face) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(SHIPPED).cachePrivate())
                .body(practice.picture(face, true));
    }

    @PostMapping("/faces/{face}")
    String begin(
            @CurrentMember Member me,
            @PathVariable int face,
            @RequestParam(name = "once", required = false) String form) {
        return "redirect:/sittings/" + once.only(me.studio(), form, () -> String.valueOf(practice.begin(me, face)))
                + "/intake";
    }

    @PostMapping("/{sitting}/away")
    String away(@CurrentMember Member me, @PathVariable long sitting) {
        practice.away(me, sitting);
        return "redirect:/practice";
    }
}
