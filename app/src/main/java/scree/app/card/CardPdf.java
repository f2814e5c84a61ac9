package scree.app.card;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.springframework.stereotype.Component;
import scree.app.look.MillimetrePage;
import scree.core.colour.Srgb;
import scree.core.image.CardLayout;
import scree.core.image.Point;

/** Draws both cards in their true size for printing, one a page, with how to print them. */
@Component
public class CardPdf {
    /** The card's upper left corner on the page in mm. */
    private static final double LEFT = 69;

    private static final double TOP = 38;
    private static final double MARGIN = 30;
    private static final double FAR_MARGIN = 180;
    private static final float SIZE = 9.5f;

    byte[] write(List<String> words) {
        try (PDDocument document = new PDDocument()) {
            PDFont font = MillimetrePage.plain(document);
            for (CardLayout.Kind kind : CardLayout.Kind.values()) {
                try (MillimetrePage page = new MillimetrePage(document)) {
                    card(page, kind);
                    page.fill("#1E2123");
                    page.text(font, SIZE, MARGIN, FAR_MARGIN, TOP + CardLayout.HEIGHT + 14, words);
                }
            }
            var bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("the card could not be drawn", e);
        }
    }

    private static void card(MillimetrePage page, CardLayout.Kind kind) throws IOException {
        page.frame(LEFT, TOP, CardLayout.WIDTH, CardLayout.HEIGHT);
        for (CardLayout.Place p : CardLayout.places(kind)) {
            page.fill(Srgb.hex(p.field().colour()));
            page.box(LEFT + p.left(), TOP + p.top(), p.right() - p.left(), p.bottom() - p.top());
        }
        List<Point> marks = CardLayout.marks();
        for (int i = 0; i < marks.size(); i++) {
            Point at = marks.get(i).plus(LEFT, TOP);
            page.fill("#000000");
            page.disc(at, CardLayout.MARK_RADIUS);
            if (i == 0 || kind == CardLayout.Kind.GREY && i == 1) {
                page.fill("#ffffff");
                page.disc(at, CardLayout.CORE_RADIUS);
            }
        }
    }
}
