package scree.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.ibatis.annotations.Mapper;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

@AnalyzeClasses(packages = "scree.app", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule mappersStayInTheirFeature = classes()
            .that()
            .areAnnotatedWith(Mapper.class)
            .should()
            .bePackagePrivate()
            .because("a feature asks another's service, never its tables");

    @ArchTest
    static final ArchRule featuresFormNoCircle =
            slices().matching("scree.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule standInsArePluggedInByTheDemoOnly = noClasses()
            .that()
            .resideOutsideOfPackage("scree.app.demo..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("scree.standins..");

    @ArchTest
    static final ArchRule controllersAskServices = noClasses()
            .that(new DescribedPredicate<>("are controllers") {
                @Override
                public boolean test(JavaClass c) {
                    return c.getSimpleName().endsWith("Controller");
                }
            })
            .should()
            .dependOnClassesThat()
            .areAnnotatedWith(Mapper.class);

    /** What it asks twice is read once, and all of it belongs together. */
    @ArchTest
    static final ArchRule aPageOfASittingIsReadInOneTransaction = methods()
            .that()
            .areAnnotatedWith(GetMapping.class)
            .and(new DescribedPredicate<>("show a page of a sitting") {
                @Override
                public boolean test(JavaMethod method) {
                    return method.getRawParameterTypes().stream().anyMatch(p -> p.isEquivalentTo(Model.class))
                            && method.getOwner()
                                    .tryGetAnnotationOfType(RequestMapping.class)
                                    .filter(m -> List.of(m.value()).toString().startsWith("[/sittings/{id}"))
                                    .isPresent();
                }
            })
            .should(new ArchCondition<>("be read in one transaction") {
                @Override
                public void check(JavaMethod method, ConditionEvents events) {
                    boolean one = method.tryGetAnnotationOfType(Transactional.class)
                            .filter(Transactional::readOnly)
                            .isPresent();
                    events.add(new SimpleConditionEvent(method, one, method.getFullName()));
                }
            });

    /** The only statements that may not name a studio: they found or list them, serve sign-in, or open a client's link. */
    private static final List<String> BEFORE_A_STUDIO = List.of(
            "findByEmail",
            "knowsDevice",
            "countStudios",
            "studios",
            "studiosWithPost",
            "addStudio",
            "byToken",
            "putFirstRun",
            "opensFirstRun",
            "useFirstRun",
            "putFailedSignIn",
            "ownerByHandle",
            "ownerByEmail",
            "keyByCredential",
            "keysByHandle",
            "keptLinks",
            "keptFiles",
            "keptTables",
            "schema");

    @Test
    void everyStatementNamesTheStudio() throws IOException {
        Pattern statement = Pattern.compile("<(select|insert|update|delete) id=\"(\\w+)\"(.*?)</\\1>", Pattern.DOTALL);
        int seen = 0;
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/mapper"))) {
            for (Path file : files.toList()) {
                String xml = Files.readString(file);
                assertThat(xml).as(file + " must not paste text into SQL").doesNotContain("${");
                Matcher m = statement.matcher(xml);
                while (m.find()) {
                    seen++;
                    boolean named =
                            m.group(3).contains("inStudio") || m.group(3).contains("#{studio.value}");
                    assertThat(named || BEFORE_A_STUDIO.contains(m.group(2)))
                            .as(file + " " + m.group(2))
                            .isTrue();
                }
            }
        }
        assertThat(seen).isGreaterThan(35);
    }

    /** Theirs is asked afresh: people, doors and what is kept of a client, none of which a page of a sitting asks for. */
    private static final Pattern ASKS_AFRESH =
            Pattern.compile(".*/(Account|People|Privacy|Consent|HomeLink|Once|Event)Mapper.xml");

    /** A page of a sitting asks for the same again and again, and MyBatis answers; one question that makes it forget costs hundreds. */
    @Test
    void onlyWhatLocksOrWritesMakesMyBatisForgetWhatAPageRead() throws IOException {
        Pattern forgetting =
                Pattern.compile("<select id=\"(\\w+)\"[^>]*flushCache=\"true\".*?</select>", Pattern.DOTALL);
        int seen = 0;
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/mapper"))) {
            for (Path file : files.filter(
                            f -> !ASKS_AFRESH.matcher(f.toString()).matches())
                    .toList()) {
                Matcher m = forgetting.matcher(Files.readString(file));
                while (m.find()) {
                    seen++;
                    assertThat(m.group())
                            .as(file + " " + m.group(1))
                            .containsAnyOf("FOR UPDATE", "affectData=\"true\"");
                }
            }
        }
        assertThat(seen).isGreaterThan(10);
    }

    /** What draws has figures of its own: sizes and offsets in pixels. */
    private static final Pattern DRAWS = Pattern.compile(
            ".*/(look|demo|card)/.*|.*(View|Field|Drawing|Layout|Patterns|Chart|Files|Pdf|Previews|ShapePlace).java");

    /** A figure of the craft belongs to core; services and controllers hold whole numbers at most, sizes of lists and texts. */
    @Test
    void servicesAndControllersHoldNoFiguresOfTheCraft() throws IOException {
        Pattern fraction = Pattern.compile("(?<![\\w.\"])\\d*\\.\\d*[1-9]\\d*(?![\\w.\"])");
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                if (DRAWS.matcher(file.toString()).matches()) {
                    continue;
                }
                for (String line : Files.readAllLines(file)) {
                    String code = line.replaceAll("\"(\\\\.|[^\"])*\"", "").replaceAll("//.*|^\\s*/?\\*.*", "");
                    assertThat(fraction.matcher(code).find())
                            .as(file + ": " + line.strip())
                            .isFalse();
                }
            }
        }
    }
}
