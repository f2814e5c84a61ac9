package scree.app.look;

import java.awt.Dimension;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** The pages of a printed sheet as pictures, so that every form of it is the same sheet. */
public final class PdfPages {
    private PdfPages() {}

    /** Returns how many there are. */
    public static int count(byte[] pdf) {
        return with(pdf, PDDocument::getNumberOfPages);
    }

    /** Returns all pages as PNG, the first first. */
    public static List<byte[]> png(byte[] pdf, int dpi) {
        return with(pdf, document -> {
            List<byte[]> pages = new ArrayList<>();
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(png(document, i, dpi));
            }
            return pages;
        });
    }

    /** @param page from 1; empty when there is none */
    public static Optional<byte[]> png(byte[] pdf, int page, int dpi) {
        return with(
                pdf,
                document -> page < 1 || page > document.getNumberOfPages()
                        ? Optional.empty()
                        : Optional.of(png(document, page - 1, dpi)));
    }

    private static byte[] png(PDDocument document, int page, int dpi) throws IOException {
        BufferedImage image = new PDFRenderer(document).renderImageWithDPI(page, dpi, ImageType.RGB);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    /** Returns all pages under each other as one drawing; letters are outlines, so that it looks alike everywhere. */
    public static byte[] svg(byte[] pdf, String title) {
        return with(pdf, document -> {
            Document drawing = SvgFile.empty();
            RepeatedShapes g = new RepeatedShapes(drawing);
            PDFRenderer renderer = new PDFRenderer(document);
            float wide = 0;
            float high = 0;
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                PDRectangle page = document.getPage(i).getCropBox();
                var upright = g.getTransform();
                g.translate(0, high);
                renderer.renderPageToGraphics(i, g);
                g.setTransform(upright);
                wide = Math.max(wide, page.getWidth());
                high += page.getHeight();
            }
            g.setSVGCanvasSize(new Dimension(Math.round(wide), Math.round(high)));
            Element root = g.getRoot();
            root.insertBefore(g.shapes(), root.getFirstChild());
            SvgFile.frame(root, Math.round(wide), Math.round(high), title);
            return SvgFile.written(root);
        });
    }

    @FunctionalInterface
    private interface Reading<T> {
        T of(PDDocument document) throws IOException;
    }

    private static <T> T with(byte[] pdf, Reading<T> reading) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return reading.of(document);
        } catch (IOException e) {
            throw new UncheckedIOException("a sheet could not be drawn", e);
        }
    }
}
