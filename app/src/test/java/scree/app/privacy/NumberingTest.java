package scree.app.privacy;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Numbers of products and pictures in documents are found by name; no state that is kept holds one under another name. */
class NumberingTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** What is kept as a document and may name things of the database. */
    private static final Set<String> KEPT = Set.of(
            "face.FaceSheet",
            "place.PlaceSheet",
            "mix.MixSheet",
            "order.OrderSheet",
            "colour.ColourSheet",
            "correct.CorrectSheet",
            "reply.ReplySheet",
            "reply.SentReply",
            "base.Worn",
            "proof.Kept",
            "chair.ChairPlan");
    /** What {@link Numbering} knows. */
    private static final Set<String> KNOWN =
            Set.of("product", "products", "picked", "pictureId", "Ware.id", "PictureFrame.id");

    private static String other(String document) {
        return new Numbering(p -> p == 0 ? 0 : 100 + p, p -> 900 + p)
                .of(JSON.readTree(document))
                .toString();
    }

    @Test
    void productsAndPicturesGetOtherNumbersAndNothingElseDoes() {
        assertThat(other("{\"worn\":{\"shade\":{\"product\":7,\"contrastRatio\":0.5},\"inner\":null},\"version\":7}"))
                .isEqualTo(
                        "{\"worn\":{\"shade\":{\"product\":107,\"contrastRatio\":0.5},\"inner\":null},\"version\":7}");
        assertThat(other("{\"products\":{\"CHEEK\":7,\"LIP\":8},\"turn\":7}"))
                .isEqualTo("{\"products\":{\"CHEEK\":107,\"LIP\":108},\"turn\":7}");
        assertThat(other("{\"picked\":{\"BASE\":[7,8],\"LIP\":[]}}"))
                .isEqualTo("{\"picked\":{\"BASE\":[107,108],\"LIP\":[]}}");
        assertThat(other("{\"parts\":[{\"product\":7,\"count\":3},{\"product\":8,\"count\":1}]}"))
                .isEqualTo("{\"parts\":[{\"product\":107,\"count\":3},{\"product\":108,\"count\":1}]}");
        assertThat(other("{\"wares\":{\"BASE\":[{\"id\":7,\"name\":\"Tuff\"}]},\"lines\":[{\"id\":7}]}"))
                .isEqualTo("{\"wares\":{\"BASE\":[{\"id\":107,\"name\":\"Tuff\"}]},\"lines\":[{\"id\":7}]}");
        assertThat(other("{\"pictureId\":7,\"broken\":[7]}")).isEqualTo("{\"pictureId\":907,\"broken\":[7]}");
        assertThat(other("{\"frame\":{\"id\":7,\"width\":7},\"wares\":{}}"))
                .isEqualTo("{\"frame\":{\"id\":907,\"width\":7},\"wares\":{}}");
        assertThat(other("{\"used\":[{\"product\":\"Tuff 20\"}],\"product\":0}"))
                .as("a name is none, and what is gone stays gone")
                .isEqualTo("{\"used\":[{\"product\":\"Tuff 20\"}],\"product\":0}");
    }

    /** Numbers of the database are longs; counts and figures of documents are not. */
    @Test
    void noStateHoldsANumberOfTheDatabaseUnderAnotherName() throws ClassNotFoundException {
        Set<Class<?>> seen = new HashSet<>();
        Set<String> names = new TreeSet<>();
        for (String kept : KEPT) {
            walk(Class.forName("scree.app." + kept), seen, names);
        }
        assertThat(seen).as("the walk goes into parts").hasSizeGreaterThan(40);
        assertThat(names)
                .contains("product", "products", "picked", "pictureId", "Ware.id")
                .isSubsetOf(KNOWN);
    }

    /** A new kind of step is one more. */
    @Test
    void everyKindOfStepIsWalked() throws IOException {
        Pattern kind = Pattern.compile("new Steps\\.Kind<>\\(\"\\w+\", (\\w+)\\.class\\)");
        Set<String> walked = KEPT.stream().map(k -> k.replaceAll(".*\\.", "")).collect(Collectors.toSet());
        Set<String> kinds = new HashSet<>();
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                kind.matcher(Files.readString(file)).results().forEach(m -> kinds.add(m.group(1)));
            }
        }
        assertThat(kinds).hasSizeGreaterThan(6).isSubsetOf(walked);
    }

    private static void walk(Class<?> type, Set<Class<?>> seen, Set<String> names) {
        if (!type.getName().startsWith("scree.") || !seen.add(type)) {
            return;
        }
        if (type.isSealed()) {
            Stream.of(type.getPermittedSubclasses()).forEach(t -> walk(t, seen, names));
        }
        if (type.isRecord()) {
            for (RecordComponent part : type.getRecordComponents()) {
                for (Class<?> within : within(part.getGenericType(), new LinkedHashSet<>())) {
                    if (within == long.class || within == Long.class) {
                        names.add((part.getName().equals("id") ? type.getSimpleName() + "." : "") + part.getName());
                    }
                    walk(within, seen, names);
                }
            }
        }
    }

    private static Set<Class<?>> within(Type type, Set<Class<?>> all) {
        if (type instanceof Class<?> plain) {
            all.add(plain);
        } else if (type instanceof ParameterizedType made) {
            Stream.of(made.getActualTypeArguments()).forEach(t -> within(t, all));
        }
        return all;
    }
}
