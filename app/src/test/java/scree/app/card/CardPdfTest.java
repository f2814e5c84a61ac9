package scree.app.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import scree.core.image.CardFinder;
import scree.core.image.CardLayout;
import scree.core.image.CardSighting;
import scree.core.image.Raster;

class CardPdfTest {
    private static final String LONG =
            "Hold it beside the cheek in the same light ".repeat(9).strip();

    /** The sheet that is printed must be found by the finder that reads it, in its true size. */
    @Test
    void bothPagesShowACardThatTheFinderKnowsInTrueSize() throws Exception {
        try (var pdf = Loader.loadPDF(new CardPdf().write(List.of("True size.")))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            PDFRenderer pages = new PDFRenderer(pdf);
            for (CardLayout.Kind kind : CardLayout.Kind.values()) {
                BufferedImage page = pages.renderImageWithDPI(kind.ordinal(), 150);
                CardSighting seen = CardFinder.find(Raster.of(page));
                assertThat(seen).isInstanceOf(CardSighting.Found.class);
                CardSighting.Found found = (CardSighting.Found) seen;
                assertThat(found.kind()).isEqualTo(kind);
                assertThat(found.millimetresPerPixel()).isCloseTo(25.4 / 150, within(.003));
            }
        }
    }

    @Test
    void longWordsAreBrokenIntoLinesThatStayOnThePage() throws Exception {
        try (var pdf = Loader.loadPDF(new CardPdf().write(List.of(LONG)))) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text.lines()
                            .filter(l -> !l.isBlank())
                            .mapToInt(String::length)
                            .max()
                            .orElseThrow())
                    .isLessThan(120);
            assertThat(text.replaceAll("\\s+", " ")).contains(LONG);
        }
    }
}
