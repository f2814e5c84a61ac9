package scree.app.handover;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import scree.app.homelink.HomeLink;
import scree.app.homelink.HomeLinks;
import scree.app.look.PdfPages;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.app.web.Words;

/** The client's page with their sheet; opened by its link alone, and always the sheet that was handed over. */
@Controller
@RequestMapping("/from-home/{token}/sheet")
class SheetLinkController {
    private static final int DPI = 110;

    private final HomeLinks links;
    private final Handovers handovers;
    private final StudioTime time;
    private final Words words;

    SheetLinkController(HomeLinks links, Handovers handovers, StudioTime time, Words words) {
        this.links = links;
        this.handovers = handovers;
        this.time = time;
        this.words = words;
    }

    @GetMapping
    String page(@PathVariable String token, Model model, HttpServletResponse response) {
        Optional<HomeLink> link = links.at(token, HomeLink.Kind.SHEET);
        if (link.isEmpty() || !links.use(link.get())) {
            response.setStatus(HttpServletResponse.SC_NOT_FOUND);
            model.addAttribute("why", words.say("link.UNKNOWN"));
            return "remote/closed";
        }
        model.addAttribute("token", token);
        model.addAttribute("link", link.get());
        model.addAttribute("zone", time.zone(link.get().studio()));
        model.addAttribute(
                "pages",
                IntStream.rangeClosed(1, PdfPages.count(pdf(link.get())))
                        .boxed()
                        .toList());
        return "handover/sheet";
    }

    private byte[] pdf(HomeLink link) {
        return handovers.pdf(link.studio(), link.sheet());
    }

    @GetMapping("/take-home.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String token) {
        return file(token, MediaType.APPLICATION_PDF, "take-home.pdf", Function.identity());
    }

    @GetMapping("/take-home.svg")
    ResponseEntity<byte[]> svg(@PathVariable String token) {
        return file(
                token,
                MediaType.parseMediaType("image/svg+xml"),
                "take-home.svg",
                pdf -> PdfPages.svg(pdf, words.say("takeHome.title")));
    }

    /** @param page from 1 */
    @GetMapping("/{page}.png")
    ResponseEntity<byte[]> png(@PathVariable String token, @PathVariable int page) {
        return file(
                token,
                MediaType.IMAGE_PNG,
                "take-home.png",
                pdf -> PdfPages.png(pdf, page, DPI).orElseThrow(() -> new NotHere("page")));
    }

    private ResponseEntity<byte[]> file(String token, MediaType type, String name, Function<byte[], byte[]> of) {
        HomeLink link = links.at(token, HomeLink.Kind.SHEET).orElseThrow(() -> new NotHere("link"));
        return ResponseEntity.ok()
                .contentType(type)
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + "\"")
                .body(of.apply(pdf(link)));
    }
}
