package scree.app.look;

import com.github.benmanes.caffeine.cache.Cache;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import scree.app.memory.Memories;
import scree.app.web.Words;

/**
 * Prints a template as PDF, in Scree's own faces. Nothing is fetched: a template that names a file gets none. Two are printed at once, so that
 * thirty sheets do not take all memory; the others wait their turn. What reads the same is printed once: a sheet is looked at, printed and sent.
 */
@Component
public class HtmlPdf {
    private static final int AT_ONCE = 2;
    /** Characters and bytes: some ten sheets, for the few minutes in which one is looked at, printed and sent. */
    private static final int KEPT = 8 << 20;

    private static final int PLAIN = 400;
    private static final int STRONG = 600;

    private final ITemplateEngine templates;
    private final Words words;
    private final Semaphore turns = new Semaphore(AT_ONCE, true);
    private final Cache<String, byte[]> printed;

    HtmlPdf(ITemplateEngine templates, Words words, Memories memories) {
        this.templates = templates;
        this.words = words;
        this.printed = memories.keep("prints", KEPT, (html, pdf) -> html.length() + pdf.length);
    }

    /**
     * @param template one that is well-formed XML
     * @param name under which the template finds {@code view}
     */
    public byte[] write(String template, String name, Object view) {
        return write(template, name, () -> view, Paper.A4);
    }

    /** What it is printed on. */
    public enum Paper {
        A4,
        LETTER
    }

    /**
     * The same.
     *
     * @param view gathered once it is its turn, so that nobody holds a connection while waiting
     * @param paper takes the place of {@code A4} in the page's rules
     */
    public byte[] write(String template, String name, Supplier<?> view, Paper paper) {
        turns.acquireUninterruptibly();
        try {
            return printed.get(html(template, name, view.get(), paper), HtmlPdf::print)
                    .clone();
        } finally {
            turns.release();
        }
    }

    private String html(String template, String name, Object view, Paper paper) {
        Context context = new Context(words.locale());
        context.setVariable(name, view);
        context.setVariable(
                "style",
                style(template).replace("size: A4", "size: " + paper.name().toLowerCase(Locale.ROOT)));
        return templates.process(template, context);
    }

    private static byte[] print(String html) {
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFastMode();
            builder.withHtmlContent(html, null);
            builder.useUriResolver((base, uri) -> uri.startsWith("data:") ? uri : null);
            face(builder, "plain-latin.ttf", "Plain", PLAIN);
            face(builder, "strong-latin.ttf", "Plain", STRONG);
            face(builder, "plain-latin-ext.ttf", "PlainExt", PLAIN);
            face(builder, "strong-latin-ext.ttf", "PlainExt", STRONG);
            face(builder, "voice-latin.ttf", "Voice", PLAIN);
            face(builder, "voice-latin-ext.ttf", "VoiceExt", PLAIN);
            builder.toStream(bytes);
            builder.run();
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("a page could not be printed", e);
        }
    }

    private static void face(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> PrintFaces.open(file), family, weight, FontStyle.NORMAL, true);
    }

    /** The rules of a printed page lie beside the other files of its feature, under its template's name. */
    private static String style(String template) {
        try (InputStream css = HtmlPdf.class.getResourceAsStream("/scree/app/" + template + ".css")) {
            return new String(css.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("the rules of a printed page are missing", e);
        }
    }
}
