package scree.app.handover;

import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.look.HtmlPdf;
import scree.app.look.PdfPages;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.NotHere;

/** The client's sheet as a file, as it would be handed over now. */
@Controller
@RequestMapping("/sittings/{id}")
class TakeHomeController {
    private static final int DPI = 150;
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

    private final Handovers handovers;

    TakeHomeController(Handovers handovers) {
        this.handovers = handovers;
    }

    @GetMapping("/take-home.pdf")
    ResponseEntity<byte[]> pdf(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "A4") HtmlPdf.Paper paper,
            @RequestParam(defaultValue = "false") boolean picture) {
        return file(MediaType.APPLICATION_PDF, "take-home.pdf", handovers.print(me, id, paper, picture));
    }

    /** @param page from 1 */
    @GetMapping("/take-home.png")
    ResponseEntity<byte[]> png(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "A4") HtmlPdf.Paper paper,
            @RequestParam(defaultValue = "false") boolean picture,
            @RequestParam(defaultValue = "1") int page) {
        byte[] png =
                PdfPages.png(handovers.print(me, id, paper, picture), page, DPI).orElseThrow(() -> new NotHere("page"));
        return file(MediaType.IMAGE_PNG, String.format(Locale.ROOT, "take-home-%d.png", page), png);
    }

    @GetMapping("/take-home.svg")
    ResponseEntity<byte[]> svg(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "A4") HtmlPdf.Paper paper,
            @RequestParam(defaultValue = "false") boolean picture) {
        byte[] svg = PdfPages.svg(handovers.print(me, id, paper, picture), handovers.title(me, id));
        return file(SVG, "take-home.svg", svg);
    }

    static ResponseEntity<byte[]> file(MediaType type, String name, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + "\"")
                .body(bytes);
    }
}
