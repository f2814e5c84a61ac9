package scree.app.privacy;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentNameDictionary;
import org.apache.pdfbox.pdmodel.PDEmbeddedFilesNameTreeNode;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.filespecification.PDComplexFileSpecification;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionLaunch;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import scree.app.Twelve;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class FileGuardTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static byte[] sheet(Consumer<PDDocument> more) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            document.addPage(new PDPage());
            more.accept(document);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static JsonNode row(int width, int height) {
        return JSON.createObjectNode().put("width", width).put("height", height);
    }

    private static void refused(byte[] file, String col, JsonNode row) {
        assertThatThrownBy(() -> FileGuard.safe(file, col, row))
                .isInstanceOfSatisfying(
                        ClientFileRefused.class, e -> assertThat(e.why()).isEqualTo(ClientFileRefused.Why.PICTURE));
    }

    @Test
    void paperComesThrough() {
        byte[] plain = sheet(d -> {});
        assertThat(FileGuard.safe(plain, "pdf", row(0, 0))).isSameAs(plain);
    }

    static Stream<Arguments> whatActs() {
        return Stream.<Map.Entry<String, Consumer<PDDocument>>>of(
                        Map.entry(
                                "a script when it is opened",
                                d -> d.getDocumentCatalog().setOpenAction(new PDActionJavaScript("app.alert(1)"))),
                        Map.entry("a program on a tap", d -> link(d, new PDActionLaunch())),
                        Map.entry("an address on a tap", d -> link(d, address())),
                        Map.entry("another file in it", FileGuardTest::carry),
                        Map.entry(
                                "what a page does when it is turned to",
                                d -> d.getPage(0)
                                        .getCOSObject()
                                        .setItem(COSName.AA, new PDActionJavaScript("x").getCOSObject())))
                .map(e -> Arguments.of(e.getKey(), sheet(e.getValue())));
    }

    private static PDActionURI address() {
        PDActionURI address = new PDActionURI();
        address.setURI("https://scree.example");
        return address;
    }

    private static void link(PDDocument document, org.apache.pdfbox.pdmodel.interactive.action.PDAction action) {
        PDAnnotationLink link = new PDAnnotationLink();
        link.setAction(action);
        try {
            document.getPage(0).getAnnotations().add(link);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void carry(PDDocument document) {
        PDEmbeddedFilesNameTreeNode files = new PDEmbeddedFilesNameTreeNode();
        files.setNames(Map.of("x", new PDComplexFileSpecification()));
        PDDocumentNameDictionary names = new PDDocumentNameDictionary(document.getDocumentCatalog());
        names.setEmbeddedFiles(files);
        document.getDocumentCatalog().setNames(names);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("whatActs")
    void aSheetThatActsDoesNotComeIn(String what, byte[] sheet) {
        refused(sheet, "pdf", row(0, 0));
    }

    @Test
    void aPictureIsOneAndAsLargeAsItsRowSays() {
        byte[] picture = Twelve.portrait(3);
        int height = scree.core.image.PictureIntake.read(picture).height();
        assertThat(FileGuard.safe(picture, "jpeg", row(Twelve.WIDTH, height))).isSameAs(picture);
        assertThat(FileGuard.safe(picture, "thumb", row(2 * Twelve.WIDTH, 2 * height)))
                .as("the small one has no size of its own")
                .isSameAs(picture);
        refused(picture, "jpeg", row(Twelve.WIDTH, height + 1));
        refused(picture, "jpeg", JSON.createObjectNode());
        refused(null, "jpeg", row(Twelve.WIDTH, height));
        refused(new byte[0], "thumb", row(1, 1));
        refused(sheet(d -> {}), "jpeg", row(Twelve.WIDTH, height));
        refused(picture, "pdf", row(Twelve.WIDTH, height));
    }
}
