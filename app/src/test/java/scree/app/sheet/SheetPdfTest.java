package scree.app.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import scree.core.image.Point;
import scree.core.image.Raster;
import scree.core.image.SheetFinder;
import scree.core.image.SheetLayout;
import scree.core.image.SheetSighting;

/** What is printed is what is looked for. */
class SheetPdfTest {
    private static final float DOTS_PER_INCH = 127;
    private static final double PIXELS_PER_MM = DOTS_PER_INCH / 25.4;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 731, 1024, 2047})
    void thePrintIsFoundByItsSquaresAndTellsItsNumber(int number) throws IOException {
        byte[] pdf = new SheetPdf()
                .write(number, new SheetPdf.Text("Sheet " + number, "Card", List.of("One coat.", "Two pictures.")));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            Raster page = Raster.of(new PDFRenderer(document).renderImageWithDPI(0, DOTS_PER_INCH));
            SheetSighting.Found found = (SheetSighting.Found) SheetFinder.find(page);
            assertThat(found.number()).hasValue(number);
            for (int i = 0; i < 4; i++) {
                Point mm = SheetLayout.marks().get(i);
                Point there = new Point(mm.x() * PIXELS_PER_MM, mm.y() * PIXELS_PER_MM);
                assertThat(found.marks().get(i).distanceTo(there)).isLessThan(1.5);
            }
            double x = SheetLayout.fields().get(4).left() + 20;
            double border = SheetLayout.fields().get(4).border();
            assertThat(luma(page, x, border - 6)).isGreaterThan(240);
            assertThat(luma(page, x, border + 6)).isLessThan(20);
        }
    }

    private static int luma(Raster page, double x, double y) {
        return page.luma((int) Math.round(x * PIXELS_PER_MM), (int) Math.round(y * PIXELS_PER_MM));
    }
}
