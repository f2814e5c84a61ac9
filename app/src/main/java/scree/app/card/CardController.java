package scree.app.card;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import scree.app.look.Figures;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.Words;
import scree.core.colour.Srgb;
import scree.core.image.CardField;
import scree.core.image.CardLayout;
import scree.core.image.PrintedCard;

/** The colour card: to print, and what was measured of the print in use. */
@Controller
@RequestMapping("/card")
class CardController {
    private static final int MOST_BYTES = 300_000;

    private final Cards cards;
    private final CardPdf pdf;
    private final Words words;

    CardController(Cards cards, CardPdf pdf, Words words) {
        this.cards = cards;
        this.pdf = pdf;
        this.words = words;
    }

    /** A field as drawn on the page, in mm, with how far the print in use is off the design. */
    record Field(
            int number, double x, double y, double width, double height, String colour, String print, String off) {}

    @GetMapping
    String page(@CurrentMember Member me, Model model) {
        PrintedCard print = cards.measured(me.studio()).orElse(null);
        model.addAttribute("print", print);
        model.addAttribute("fields", fields(CardLayout.Kind.COLOUR, print));
        model.addAttribute("greys", fields(CardLayout.Kind.GREY, print));
        model.addAttribute("marks", CardLayout.marks());
        model.addAttribute("width", CardLayout.WIDTH);
        model.addAttribute("height", CardLayout.HEIGHT);
        if (print != null) {
            model.addAttribute(
                    "worst",
                    print.fields().stream()
                            .max(Comparator.comparingDouble(CardController::off))
                            .map(f -> new Object[] {f.number(), Figures.one(off(f))})
                            .orElseThrow());
        }
        return "card/page";
    }

    private static double off(CardField f) {
        return f.colour().differenceFrom(CardLayout.fields().get(f.number() - 1).colour());
    }

    private static List<Field> fields(CardLayout.Kind kind, PrintedCard print) {
        return CardLayout.places(kind).stream()
                .map(p -> {
                    CardField own = print == null
                            ? p.field()
                            : print.fields().get(p.field().number() - 1);
                    return new Field(
                            p.field().number(),
                            p.left(),
                            p.top(),
                            p.right() - p.left(),
                            p.bottom() - p.top(),
                            Srgb.hex(p.field().colour()),
                            Srgb.hex(own.colour()),
                            Figures.one(off(own)));
                })
                .toList();
    }

    @GetMapping("/card.pdf")
    ResponseEntity<byte[]> print() {
        List<String> lines = Arrays.asList(words.say("card.print.words").split("\\|"));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("scree-card.pdf")
                                .build()
                                .toString())
                .body(pdf.write(lines));
    }

    @PostMapping
    String use(
            @CurrentMember Member me,
            @RequestParam(defaultValue = "") String name,
            @RequestParam("values") MultipartFile values,
            Model model)
            throws IOException {
        String print = name.isBlank() ? "my print" : name.strip();
        if (print.length() > 80 || values.isEmpty() || values.getSize() > MOST_BYTES) {
            String key =
                    print.length() > 80 ? "card.name.long" : values.isEmpty() ? "card.file.none" : "card.file.large";
            return refused(me, name, words.say(key), model);
        }
        try {
            cards.use(me.studio(), print, new String(values.getBytes(), StandardCharsets.UTF_8));
        } catch (IllegalArgumentException e) {
            return refused(me, name, words.say("card.file.refused", e.getMessage()), model);
        }
        return "redirect:/card?taken";
    }

    private String refused(Member me, String name, String why, Model model) {
        model.addAttribute("refused", why);
        model.addAttribute("name", name);
        return page(me, model);
    }

    @PostMapping("/forget")
    String forget(@CurrentMember Member me) {
        cards.forget(me.studio());
        return "redirect:/card";
    }
}
