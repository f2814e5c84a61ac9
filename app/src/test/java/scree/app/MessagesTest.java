package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.EnumSet;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import scree.app.kit.Product;
import scree.app.meter.MeterTrouble;
import scree.app.order.OrderSheet;
import scree.app.sitting.Sitting;
import scree.app.skin.PracticeCamera;
import scree.core.care.Care;
import scree.core.cover.Counted;
import scree.core.cover.CoverCode;
import scree.core.cover.Doing;
import scree.core.cover.Leaning;
import scree.core.cover.Seen;
import scree.core.cover.Treatment;
import scree.core.image.PictureRefused;
import scree.core.light.LightCode;
import scree.core.light.LightVerdict;
import scree.core.mix.Batch;
import scree.core.mix.Carrier;
import scree.core.mix.KitGaps;
import scree.core.mix.RecipeAdvice;
import scree.core.mix.SeasonParts;
import scree.core.placement.Stop;
import scree.core.routine.Aftermath;
import scree.core.routine.Amount;
import scree.core.routine.CutAction;
import scree.core.routine.Flaw;
import scree.core.routine.Hygiene;
import scree.core.routine.Needs;
import scree.core.routine.OrderCode;
import scree.core.routine.OrderSchool;
import scree.core.routine.SchoolChoice;
import scree.core.routine.StepCode;
import scree.core.routine.Stroke;
import scree.core.routine.Tool;
import scree.core.routine.WorkZone;
import scree.core.shade.Coverage;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Nearness;
import scree.core.shade.NeckBridge;
import scree.core.shade.RankBases;
import scree.core.shade.Role;
import scree.core.shade.ShadeReason;
import scree.core.shade.StripeSight;
import scree.core.shade.TwoTones;
import scree.core.shade.Wear;
import scree.core.skin.Answer;
import scree.core.skin.Depth;
import scree.core.skin.FreeSpot;
import scree.core.skin.MatchPlace;
import scree.core.skin.MatchTarget;
import scree.core.skin.Overtone;
import scree.core.skin.Region;
import scree.core.skin.Remarks;
import scree.core.skin.SkinFinding;
import scree.core.skin.SkinReading;
import scree.core.skin.Texture;
import scree.core.skin.Undertone;
import scree.core.skin.Witness;
import scree.core.skin.Zone;

/** Every word that the core can ask for exists, and every sentence follows the house's tone. */
class MessagesTest {
    private static final Properties WORDS = load();

    @Test
    void everythingAtTheChairHasItsWords() {
        assertWorded("chair.do.", StepCode.values());
        assertWorded("chair.ask.", Aftermath.Ask.values());
        assertWorded("chair.flaw.", Flaw.values());
        assertWorded("chair.mend.", Flaw.values());
        assertWorded("chair.flawPlace.", Flaw.Place.values());
        assertWorded("chair.light.", Flaw.Light.values());
        assertWorded("chair.stop.", Stop.Kind.values());
    }

    /** What is read from two metres fits two lines there. */
    @Test
    void whatToDoIsShortEnoughToBeReadFromAfar() {
        for (StepCode code : StepCode.values()) {
            assertThat(WORDS.getProperty("chair.do." + code)).as(code.name()).hasSizeLessThanOrEqualTo(80);
        }
    }

    @Test
    void everyStepOfTheOrderHasItsWords() {
        assertWorded("step.", StepCode.values());
        assertWorded("workZone.", WorkZone.values());
        assertWorded("order.say.", OrderCode.values());
        assertWorded("order.cut.", CutAction.values());
        assertWorded("order.school.", OrderSchool.values());
        assertWorded("order.why.", SchoolChoice.Why.values());
        assertWorded("order.blend.", Needs.Blend.values());
        assertWorded("order.extra.", OrderSheet.Extra.values());
        assertWorded("tool.", EnumSet.complementOf(EnumSet.of(Tool.NONE)).toArray(Enum<?>[]::new));
        assertWorded("stroke.", EnumSet.complementOf(EnumSet.of(Stroke.NONE)).toArray(Enum<?>[]::new));
        assertWorded("hygiene.", EnumSet.complementOf(EnumSet.of(Hygiene.NONE)).toArray(Enum<?>[]::new));
        assertWorded(
                "step.amount.",
                EnumSet.complementOf(EnumSet.of(Amount.Kind.NONE)).toArray(Enum<?>[]::new));
    }

    @Test
    void everyCodeOfTheCoreHasItsWords() {
        assertWorded("care.", Care.Code.values());
        Arrays.stream(Care.Code.values())
                .filter(c -> c != Care.Code.HYGIENE)
                .forEach(c -> assertThat(WORDS).containsKey("care.short." + c));
        assertWorded("depth.", Depth.values());
        assertWorded("undertone.", Undertone.Family.values());
        assertWorded("undertone.verdict.", Undertone.Family.values());
        assertWorded("overtone.", Overtone.Kind.values());
        assertWorded("zone.", Zone.values());
        assertWorded("trust.", SkinReading.Trust.values());
        assertWorded("remark.", Remarks.Code.values());
        assertWorded("light.why.", LightCode.values());
        assertWorded("light.grade.", LightVerdict.Grade.values());
        assertWorded("light.heading.", LightVerdict.Grade.values());
        assertWorded("event.light.", Sitting.EventLight.values());
        assertWorded("room.", PracticeCamera.Room.values());
        assertWorded("meter.light.", MeterTrouble.Why.values());
        assertWorded("meter.skin.", MeterTrouble.Why.values());
        assertWorded("spot.", FreeSpot.Kind.values());
        assertWorded("texture.", Texture.values());
        assertWorded("region.", Region.values());
        assertWorded("finding.", SkinFinding.Code.values());
        assertWorded("finding.matters.", SkinFinding.Code.values());
        assertWorded("witness.", Witness.values());
        assertWorded("answer.", Answer.values());
        assertWorded("bench.repeat.", Witness.values());
        assertWorded("picture.", PictureRefused.Why.values());
        assertWorded("nearness.", Nearness.values());
        assertWorded("base.verdict.", Nearness.values());
        assertWorded("school.", MatchTarget.School.values());
        assertWorded("school.consequence.", MatchTarget.School.values());
        assertWorded("use.", MatchPlace.Use.values());
        assertWorded("match.", MatchPlace.Code.values());
        assertWorded("struck.", Product.Struck.values());
        assertWorded("family.", Undertone.Family.values());
        assertWorded("family.", RankBases.Code.values());
        assertWorded("base.led.", Undertone.Family.values());
        assertWorded("wear.", Wear.Code.values());
        assertWorded("answer.", DryDown.Answer.values());
        assertWorded("coat.", StripeSight.Coat.values());
        assertWorded("look.", StripeSight.Look.values());
        assertWorded("look.in.", StripeSight.Look.values());
        assertWorded("tones.", TwoTones.Code.values());
        assertWorded("neck.", NeckBridge.Code.values());
        assertWorded("neck.way.", NeckBridge.Way.values());
        assertWorded("neck.how.", NeckBridge.Way.values());
        assertWorded("carrier.", Carrier.values());
        assertWorded("mix.", RecipeAdvice.Code.values());
        assertWorded("mix.verdict.", Nearness.values());
        assertWorded("mix.for.", Batch.For.values());
        assertWorded("mix.by.", Batch.Unit.values());
        assertWorded("mix.unit.", Batch.Unit.values());
        assertWorded("seasons.said.", SeasonParts.Word.values());
        assertWorded("lean.", KitGaps.Lean.values());
        assertWorded("gaps.cell.", KitGaps.Reach.values());
        assertWorded("role.", Role.values());
        assertWorded("form.", Form.values());
        assertWorded("finish.", Finish.values());
        assertWorded("coverage.", Coverage.values());
        assertWorded("correct.seen.", Seen.values());
        assertWorded("correct.leaning.", Leaning.values());
        assertWorded("correct.doing.", Doing.Code.values());
        assertWorded("correct.way.", Treatment.Way.values());
        for (Counted.Unit unit : Counted.Unit.values()) {
            assertThat(WORDS).containsKeys("correct.counted." + unit + ".one", "correct.counted." + unit + ".more");
        }
        Arrays.stream(CoverCode.values())
                .filter(c -> c != CoverCode.CORRECTED) // what it saves has words of its own
                .forEach(c -> assertThat(WORDS).containsKey("correct.why." + c));
        for (ShadeReason.Code code : ShadeReason.Code.values()) {
            boolean graded =
                    WORDS.containsKey("reason." + code + ".little") && WORDS.containsKey("reason." + code + ".much");
            assertThat(graded || WORDS.containsKey("reason." + code))
                    .as("reason." + code)
                    .isTrue();
        }
    }

    @Test
    void sentencesAreCalm() {
        assertThat(WORDS.values())
                .allSatisfy(
                        text -> assertThat((String) text).doesNotContain("!").doesNotContainIgnoringCase("invalid"));
    }

    /** One form of placeholder, numbered from 0 without gaps. */
    @Test
    void placeholdersAreNumberedWithoutGaps() {
        WORDS.forEach((key, text) -> {
            Matcher m = Pattern.compile("\\{(\\d+)}").matcher((String) text);
            List<Integer> numbers = m.results()
                    .map(r -> Integer.valueOf(r.group(1)))
                    .distinct()
                    .sorted()
                    .toList();
            for (int i = 0; i < numbers.size(); i++) {
                assertThat(numbers.get(i)).as((String) key).isEqualTo(i);
            }
        });
    }

    /** Text that a template asks for by a fixed key must be there, or a person reads the key. */
    @Test
    void everyFixedKeyInATemplateExists() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".html")).toList()) {
                Matcher m = Pattern.compile("#\\{([a-zA-Z][\\w.]*)[}(]").matcher(Files.readString(file));
                while (m.find()) {
                    assertThat(WORDS).as(file.toString()).containsKey(m.group(1));
                }
                assertThat(Files.readString(file))
                        .as(file + " has inline style or script")
                        .doesNotContain("style=\"", "onclick", "<script>");
            }
        }
    }

    private static void assertWorded(String prefix, Enum<?>[] codes) {
        assertThat(Arrays.stream(codes).map(c -> prefix + c.name())).allMatch(WORDS::containsKey);
    }

    private static Properties load() {
        Properties p = new Properties();
        try (Reader in = new InputStreamReader(
                MessagesTest.class.getResourceAsStream("/messages.properties"), StandardCharsets.UTF_8)) {
            p.load(in);
            return p;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Of two lines with one key the last wins without a word, and the page of the first says something else. */
    @Test
    void noKeyIsGivenTwice() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("src/main/resources/messages.properties"));
        List<String> keys = lines.stream()
                .filter(l -> l.matches("[A-Za-z][^\\s=]*=.*"))
                .map(l -> l.substring(0, l.indexOf('=')))
                .toList();
        assertThat(keys).hasSizeGreaterThan(1000).doesNotHaveDuplicates();
    }

    private static final Pattern TOKEN =
            Pattern.compile("<!.*?>|<(/?)([\\w:-]+)((?:\"[^\"]*\"|[^>\"])*?)(/?)>|[^<]+", Pattern.DOTALL);
    private static final Set<String> NEVER_CLOSED = Set.of("input", "img", "br", "hr", "meta", "link");

    /** Words live in the messages, not in an expression either: a template holds no sample of what the message says. */
    @Test
    void noTemplateHasWordsOfItsOwn() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".html")).toList()) {
                assertThat(ownWords(Files.readString(file))).as(file.toString()).isEmpty();
            }
        }
    }

    private static List<String> ownWords(String html) {
        List<String> words = new ArrayList<>();
        Deque<Boolean> samples = new ArrayDeque<>();
        Matcher m = TOKEN.matcher(html);
        while (m.find()) {
            String tag = m.group(2);
            if (tag == null) {
                boolean text = !m.group().startsWith("<!")
                        && m.group().replaceAll("&\\w+;", "").matches("(?s).*[A-Za-z]{2}.*");
                if (text && !samples.contains(true)) {
                    words.add(m.group().strip());
                }
            } else if (m.group(1).isEmpty()) {
                String attributes = m.group(3);
                Matcher fixed = Pattern.compile("\\s(aria-label|title|placeholder|alt)=\"[^\"]*[A-Za-z]{2}[^\"]*\"")
                        .matcher(attributes);
                if (fixed.find()) {
                    words.add(fixed.group());
                }
                words.addAll(spoken(attributes));
                if (m.group(4).isEmpty() && !NEVER_CLOSED.contains(tag)) {
                    samples.push(attributes.matches("(?s).*th:(replace|insert)=\"(?![^\"]*\\{::).*"));
                }
            } else {
                samples.pop();
            }
        }
        return words;
    }

    private static final Pattern SAID =
            Pattern.compile("(?:th:u?text|th:title|th:placeholder|aria-label)=(?:\"([^\"]*)\"|([^\",]*))");

    /** Returns the literals of what an element says that read as words: two letters, and a blank or a stop. */
    private static List<String> spoken(String attributes) {
        List<String> found = new ArrayList<>();
        Matcher said = SAID.matcher(attributes);
        while (said.find()) {
            Matcher literal = Pattern.compile("'([^']*)'").matcher(said.group());
            while (literal.find()) {
                String text = literal.group(1);
                boolean date = text.matches("[dMyHEm:, ]+");
                if (!date && text.matches("(?s).*[A-Za-z]{2}.*") && text.matches("(?s)[A-Z].*|.*[ ,:].*")) {
                    found.add(text);
                }
            }
        }
        return found;
    }

    /** What a script says it is given by the page. */
    @Test
    void noScriptHasWordsOfItsOwn() throws IOException {
        Pattern sentence = Pattern.compile("([\"'`])\\p{Lu}\\p{L}*,? (?:(?!\\1).)*\\1");
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/static/js"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                assertThat(sentence.matcher(Files.readString(file)).results().map(MatchResult::group))
                        .as(file.toString())
                        .isEmpty();
            }
        }
    }

    @Test
    void templatesAreLaidOutToBeRead() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".html")).toList()) {
                assertThat(Files.readAllLines(file))
                        .as(file.toString())
                        .allSatisfy(line -> assertThat(line).hasSizeLessThanOrEqualTo(160));
            }
        }
    }

    /** Thymeleaf replaces an element before it asks whether it is wanted: the question has to stand round it. */
    @Test
    void nothingIsReplacedOnACondition() throws IOException {
        Pattern tag = Pattern.compile("<\\w[^<>\"]*(?:\"[^\"]*\"[^<>\"]*)*>");
        try (Stream<Path> files = Files.walk(Path.of("src/main/resources/templates"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".html")).toList()) {
                assertThat(tag.matcher(Files.readString(file)).results().map(MatchResult::group))
                        .as(file.toString())
                        .filteredOn(t -> t.contains("th:replace="))
                        .allSatisfy(t -> assertThat(t).doesNotContainPattern("th:(if|unless|each)="));
            }
        }
    }
}
