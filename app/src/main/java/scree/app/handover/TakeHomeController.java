package scree.app.handover;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import scree.app.look.HtmlPdf;
import scree.app.studio.CurrentMember;
import scree.app.studio.Member;
import scree.app.web.NotHere;

/** The client's sheet as a file. */
@Controller
@RequestMapping("/sittings/{id}")
class TakeHomeController {
    private static final int DPI = 150;

    private final TakeHomes sheets;
    private final HtmlPdf pdf;

    TakeHomeController(TakeHomes sheets, HtmlPdf pdf) {
        this.sheets = sheets;
        this.pdf = pdf;
    }

    @GetMapping("/take-home.pdf")
    ResponseEntity<byte[]> pdf(
            @CurrentMember Member me, @PathVariable long id, @RequestParam(defaultValue = "A4") HtmlPdf.Paper paper) {
        return file(MediaType.APPLICATION_PDF, "take-home.pdf", print(me, id, paper));
    }

    /** @param page from 1 */
    @GetMapping("/take-home.png")
    ResponseEntity<byte[]> png(
            @CurrentMember Member me,
            @PathVariable long id,
            @RequestParam(defaultValue = "A4") HtmlPdf.Paper paper,
            @RequestParam(defaultValue = "1") int page) {
        try (PDDocument document = Loader.loadPDF(print(me, id, paper));
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            if (page < 1 || page > document.getNumberOfPages()) {
                throw new NotHere("page");
            }
            ImageIO.write(new PDFRenderer(document).renderImageWithDPI(page - 1, DPI, ImageType.RGB), "png", bytes);
            return file(MediaType.IMAGE_PNG, String.format(Locale.ROOT, "take-home-%d.png", page), bytes.toByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException("the sheet could not be drawn", e);
        }
    }

    private byte[] print(Member me, long id, HtmlPdf.Paper paper) {
        return pdf.write("handover/take-home", "sheet", sheets.of(me.studio(), id), paper);
    }

    private static ResponseEntity<byte[]> file(MediaType type, String name, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + "\"")
                .body(bytes);
    }
}
