package scree.app.place;

import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import scree.app.look.SvgFile;

/** One drawing written as SVG, PNG or PDF: the same strokes in each, so all three look alike. */
final class ChartFiles {
    private static final double PNG_SCALE = 2.5;

    private ChartFiles() {}

    /** Draws one page. */
    static byte[] svg(FaceChart chart, int page) {
        return svg(chart, page, page + 1);
    }

    /** Draws all pages under each other. */
    static byte[] svg(FaceChart chart) {
        return svg(chart, 0, chart.pages().size());
    }

    private static byte[] svg(FaceChart chart, int from, int to) {
        Document document = SvgFile.empty();
        SVGGraphics2D g = new SVGGraphics2D(document);
        int high = FaceChart.HEIGHT * (to - from);
        g.setSVGCanvasSize(new java.awt.Dimension(FaceChart.WIDTH, high));
        paint(chart, from, to, g);
        Element root = g.getRoot();
        SvgFile.frame(root, FaceChart.WIDTH, high, chart.title());
        return SvgFile.written(root);
    }

    private static void paint(FaceChart chart, int from, int to, Graphics2D g) {
        for (int page = from; page < to; page++) {
            chart.paint(g, page);
            g.translate(0, FaceChart.HEIGHT);
        }
    }

    static byte[] png(FaceChart chart) {
        BufferedImage image = new BufferedImage(
                (int) (FaceChart.WIDTH * PNG_SCALE),
                (int) (FaceChart.HEIGHT * chart.pages().size() * PNG_SCALE),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.scale(PNG_SCALE, PNG_SCALE);
        paint(chart, 0, chart.pages().size(), g);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    static byte[] pdf(FaceChart chart) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(chart.title());
            for (int i = 0; i < chart.pages().size(); i++) {
                PDPage page = new PDPage(new PDRectangle(FaceChart.WIDTH, FaceChart.HEIGHT));
                document.addPage(page);
                PdfBoxGraphics2D g = new PdfBoxGraphics2D(document, FaceChart.WIDTH, FaceChart.HEIGHT);
                chart.paint(g, i);
                g.dispose();
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    content.drawForm(g.getXFormObject());
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
