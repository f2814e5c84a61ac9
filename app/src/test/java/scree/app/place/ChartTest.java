package scree.app.place;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import scree.core.skin.SkinType;
import scree.seeded.Draw;
import scree.seeded.Seeds;
import scree.standins.camera.Ensemble;
import scree.standins.camera.Studio;

/** One drawing, three files: each opens, and they look the same. */
class ChartTest {
    private static final TakenPlan TAKEN = taken();

    private static FaceChart chart() {
        List<FaceChart.Row> rows = TAKEN.zones().stream()
                .map(WorkedZone::number)
                .distinct()
                .limit(12) // fit on a page
                .map(n -> new FaceChart.Row(n, "Zone " + n, "Slate Mid. One thin coat.", "Because of the ear."))
                .toList();
        return chart(rows, List.of("Reacts to: nickel. Read every label."));
    }

    private static FaceChart chart(List<FaceChart.Row> rows, List<String> cautions) {
        return new FaceChart(
                TAKEN,
                new FaceChart.Words(
                        "Ingrun Šandvei-Ēk & <b>",
                        "Concert",
                        "Aim: balance",
                        rows,
                        cautions,
                        "Small amounts, build up."));
    }

    private static TakenPlan taken() {
        return TakenPlans.of(Studio.points(Ensemble.all().get(7), 1000), 67, SkinType.DRY, z -> true);
    }

    @Test
    void theSvgIsWholeAndAsksForNothingOutside() throws Exception {
        byte[] svg = ChartFiles.svg(chart());
        var document = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(svg));
        assertThat(document.getDocumentElement().getAttribute("viewBox")).isEqualTo("0 0 595 842");
        assertThat(document.getElementsByTagName("title").item(0).getTextContent())
                .isEqualTo("Ingrun Šandvei-Ēk & <b>, Concert");
        String text = new String(svg, StandardCharsets.UTF_8);
        assertThat(text).doesNotContain("<image").doesNotContain("<script").doesNotContain("href=\"http");
        assertThat(document.getElementsByTagName("path").getLength()).isGreaterThan(100);
    }

    @Test
    void pdfAndPngShowTheSamePage() throws Exception {
        var png = ImageIO.read(new ByteArrayInputStream(ChartFiles.png(chart())));
        try (var pdf = Loader.loadPDF(ChartFiles.pdf(chart()))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo(595f);
            var page = new PDFRenderer(pdf).renderImage(0, 2.5f);
            assertThat(Math.abs(page.getWidth() - png.getWidth())).isLessThanOrEqualTo(1);
            assertThat(unlike(page, png)).isLessThan(.02);
        }
    }

    @Seeds(60)
    void nothingIsLeftOutHoweverMuchThereIsToSay(Draw draw) {
        List<FaceChart.Row> rows = new ArrayList<>();
        int most = draw.whole(0, 70);
        for (int i = 1; i <= most; i++) {
            rows.add(new FaceChart.Row(i, "Zone", "word ".repeat(draw.whole(1, 30)), "why ".repeat(draw.whole(0, 60))));
        }
        List<String> cautions = draw.list(0, 20, () -> "caution ".repeat(draw.whole(1, 40)));
        List<FaceChart.Page> pages = chart(rows, cautions).pages();
        assertThat(pages.stream().flatMap(p -> p.rows().stream()).map(FaceChart.Placed::row))
                .containsExactlyElementsOf(rows);
        assertThat(pages.stream().flatMap(p -> p.cautions().stream()).map(FaceChart.Noted::caution))
                .containsExactlyElementsOf(cautions);
        for (FaceChart.Page page : pages) {
            assertThat(page.rows()).allMatch(r -> r.y() >= 124 && r.y() < 778);
            assertThat(page.cautions()).allMatch(c -> c.y() >= 124 && c.y() < 778);
        }
    }

    @Test
    void aLongPlanHasASecondPageInEveryFile() throws Exception {
        List<FaceChart.Row> rows = new ArrayList<>();
        for (int i = 1; i <= 30; i++) {
            rows.add(new FaceChart.Row(i, "Zone", "Slate Mid. One thin coat.", "Because of the ear."));
        }
        FaceChart chart = chart(rows, List.of());
        assertThat(chart.pages()).hasSize(2);
        try (var pdf = Loader.loadPDF(ChartFiles.pdf(chart))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
        }
        assertThat(ImageIO.read(new ByteArrayInputStream(ChartFiles.png(chart))).getHeight())
                .isEqualTo(2 * 2105);
        assertThat(new String(ChartFiles.svg(chart), StandardCharsets.UTF_8)).contains("0 0 595 1684");
        assertThat(new String(ChartFiles.svg(chart, 1), StandardCharsets.UTF_8)).contains("0 0 595 842");
    }

    /** Share of blocks of 20 pixels whose mean brightness differs by over a tenth. */
    private static double unlike(java.awt.image.BufferedImage a, java.awt.image.BufferedImage b) {
        int unlike = 0;
        int all = 0;
        for (int y = 0; y + 20 < Math.min(a.getHeight(), b.getHeight()); y += 20) {
            for (int x = 0; x + 20 < Math.min(a.getWidth(), b.getWidth()); x += 20) {
                all++;
                unlike += Math.abs(mean(a, x, y) - mean(b, x, y)) > 25 ? 1 : 0;
            }
        }
        return (double) unlike / all;
    }

    private static double mean(java.awt.image.BufferedImage image, int left, int top) {
        double sum = 0;
        for (int y = top; y < top + 20; y++) {
            for (int x = left; x < left + 20; x++) {
                sum += image.getRGB(x, y) >> 8 & 255;
            }
        }
        return sum / 400;
    }
}
