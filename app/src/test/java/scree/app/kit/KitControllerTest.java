package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.willThrow;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import scree.app.Onces;
import scree.app.Samples;
import scree.app.WebTest;
import scree.app.studio.StudioId;
import scree.app.web.Once;
import scree.app.web.StaleSave;
import scree.core.care.AllergenFamily;
import scree.core.colour.Lab;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;

/** The kit's pages when the kit answers no. */
@WebTest
class KitControllerTest {
    private static final String GOOD =
            "line,name,role,form,finish,coverage_percent,wet_l,wet_a,wet_b,settled_l,settled_a,settled_b\nGneiss,1,BASE,LIQUID,SATIN,75,60,9,17,59,9,17\n";

    @Autowired
    private MockMvc http;

    @Autowired
    private Kit kit;

    @Autowired
    private Catalogue catalogue;

    @Autowired
    private KitImports imports;

    @Autowired
    private KitChanges changes;

    @Autowired
    private Formulas formulas;

    @Autowired
    private Once once;

    @BeforeEach
    void oneProduct() {
        Onces.letThrough(once);
        given(kit.get(any(), anyLong())).willReturn(product(61));
        given(formulas.of(any(StudioId.class), any())).willReturn(Formula.guessed(product(61)));
    }

    @Test
    void aStaleSaveShowsBothVersionsAndKeepsWhatWasTyped() throws Exception {
        willThrow(new StaleSave(product(44))).given(kit).change(any(), any());
        given(kit.get(any(), anyLong())).willReturn(product(61)).willReturn(product(44));
        http.perform(form("/kit/9", "58.5").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("settled 44"),
                                containsString("value=\"58.5\""),
                                containsString("in between"))))
                .andExpect(content().string(containsString("name=\"version\" value=\"4\"")));
    }

    @Test
    void aTakenNameIsToldAtItsField() throws Exception {
        willThrow(new DuplicateKeyException("product_studio_id_line_name_key"))
                .given(kit)
                .add(any(), any());
        http.perform(form("/kit/new", "58.5").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("Name stands in the kit already"), containsString("value=\"58.5\""))))
                .andExpect(content().string(not(containsString("_key"))));
    }

    @Test
    void figuresThatAreNoneOrOutOfRangeNameTheirField() throws Exception {
        http.perform(form("/kit/new", "light").with(user(RUNA)).with(csrf()))
                .andExpect(content()
                        .string(allOf(
                                containsString("Settled L* is not a number"),
                                containsString("value=\"light\""),
                                containsString("value=\"Gneiss\""))));
        http.perform(form("/kit/new", "158").with(user(RUNA)).with(csrf()))
                .andExpect(content().string(containsString("Settled L* is too large: at most 100")));
        verify(kit, never()).add(any(), any());
    }

    @Test
    void theListMarksWhatIsPastItsTimeOrOut() throws Exception {
        Product past = Samples.opened(Samples.base(9, "31", Lab.of(60, 9, 17), 3), LocalDate.of(2025, 1, 1), 12)
                .inStock(false);
        given(catalogue.page(any(), any(), anyInt())).willReturn(new Kit.Page(List.of(past), 1, 0));
        http.perform(get("/kit").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("past its time since 2026-01-01"), containsString("out of stock"))));
    }

    @Test
    void filesGoOutAsFiles() throws Exception {
        given(kit.all(any())).willReturn(List.of(product(61)));
        given(changes.rows(any())).willReturn(List.of(new KitRow(product(61), null)));
        http.perform(get("/kit/export.csv").with(user(RUNA)))
                .andExpect(header().string("Content-Disposition", containsString("kit.csv")))
                .andExpect(content().string(containsString("Marl,31,BASE")));
        http.perform(get("/kit/palette.gpl").with(user(RUNA)))
                .andExpect(content().string(allOf(containsString("GIMP Palette"), containsString("\tMarl 31"))));
    }

    @Test
    void anImportWaitsForYesAndComesInOnlyThen() throws Exception {
        http.perform(multipart("/kit/import").file(file(GOOD)).with(user(RUNA)).with(csrf()))
                .andExpect(content().string(containsString("1 new, 0 changed")))
                .andExpect(content().string(containsString("name=\"once\"")));
        verify(imports).put(eq(RUNA), eq("kit.csv"), any(), eq(1));
        verify(imports, never()).bringIn(any(), any());
        KitImports.Waiting waiting = new KitImports.Waiting("kit.csv", GOOD.getBytes(StandardCharsets.UTF_8));
        given(imports.waiting(RUNA)).willReturn(Optional.of(waiting));
        KitFile.Problem gone = new KitFile.Problem(2, "Marl 31", "notInKit");
        given(imports.bringIn(RUNA, waiting))
                .willReturn(
                        new KitImports.Outcome(new KitFiles.Held(new KitFile(List.of(), List.of(gone)), null), null));
        http.perform(post("/kit/import/yes").with(user(RUNA)).with(csrf()))
                .andExpect(content().string(containsString("is no product of the kit")));
        given(imports.bringIn(RUNA, waiting)).willReturn(new KitImports.Outcome(null, 7L));
        http.perform(post("/kit/import/yes").with(user(RUNA)).with(csrf())).andExpect(redirectedUrl("/kit"));
        given(imports.waiting(RUNA)).willReturn(Optional.empty());
        http.perform(post("/kit/import/yes").with(user(RUNA)).with(csrf())).andExpect(redirectedUrl("/kit/import"));
    }

    @Test
    void aFileShowsWhatIsNewWhatChangesAndWhatStays() throws Exception {
        KitRow other = new KitRow(product(50), null);
        Product ours = Product.fresh(
                        "Gneiss",
                        "1",
                        Role.BASE,
                        Form.LIQUID,
                        Finish.SATIN,
                        .75,
                        Swatch.of(Lab.of(60, 9, 17), Lab.of(58, 9, 17)))
                .stored(3, 0);
        given(changes.rows(any())).willReturn(List.of(other, new KitRow(ours, null)));
        http.perform(multipart("/kit/import").file(file(GOOD)).with(user(RUNA)).with(csrf()))
                .andExpect(content()
                        .string(allOf(
                                containsString("0 new, 1 changed, 0 the same; 1 of the kit not in the file"),
                                containsString("Settled L*"),
                                containsString("<del>58</del>"),
                                containsString("<ins>59</ins>"),
                                containsString("Marl 31"))));
    }

    @Test
    void whatIsTickedIsChangedTogetherAndTheWayBackIsShown() throws Exception {
        given(kit.some(any(), any())).willReturn(List.of(product(61)));
        given(changes.rows(any(), any())).willReturn(List.of(new KitRow(product(61), null)));
        given(changes.apply(eq(RUNA), eq(KitChanges.Kind.THROWN_AWAY), any(), any()))
                .willReturn(5L);
        http.perform(post("/kit/selected?ids=9&what=THROWN_AWAY&back=/kit?role=BASE")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/kit?role=BASE"));
        verify(changes).apply(eq(RUNA), eq(KitChanges.Kind.THROWN_AWAY), any(), any());
        http.perform(post("/kit/selected?what=THROWN_AWAY&back=https://elsewhere.example/")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(redirectedUrl("/kit"))
                .andExpect(flash().attribute("nothing", true));
        http.perform(post("/kit/selected?ids=9&what=MEASURED").with(user(RUNA)).with(csrf()))
                .andExpect(status().isBadRequest());
    }

    @Test
    void aColourIsToldByANeighbourOrByACode() throws Exception {
        given(kit.find(any(), eq(9L))).willReturn(Optional.of(product(61)));
        http.perform(form("/kit/new", "")
                        .param("way", "BESIDE")
                        .param("beside", "9")
                        .param("deeper", "2")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());
        ArgumentCaptor<Product> added = ArgumentCaptor.forClass(Product.class);
        verify(kit).add(eq(RUNA.studio()), added.capture());
        assertThat(added.getValue().settled().lightness()).isCloseTo(56, within(1e-9));
        assertThat(added.getValue().wet().lightness()).isCloseTo(57, within(1e-9));
        http.perform(form("/kit/new", "")
                        .param("way", "HEX")
                        .param("hex", "brown")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content().string(allOf(containsString("six digits after #"), containsString("brown"))));
    }

    /** Whoever has two things to mend hears of both at once. */
    @Test
    void aLongNameDoesNotHideThatTheColourIsMissing() throws Exception {
        http.perform(form("/kit/new", "")
                        .param("way", "HEX")
                        .param("allergens", "a".repeat(301))
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(content()
                        .string(allOf(
                                containsString("id=\"hex-problem\""), containsString("id=\"allergens-problem\""))));
        verify(kit, never()).add(any(), any());
    }

    /** Told are the faults that can be: Spring has no form to hang others on while a value cannot be read at all. */
    @Test
    void aValueThatCannotBeReadIsNamedThoughTheColourIsMissingToo() throws Exception {
        http.perform(form("/kit/new", "")
                        .param("way", "HEX")
                        .param("colourless", "perhaps")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("id=\"not-saved\"")));
        verify(kit, never()).add(any(), any());
    }

    @Test
    void whatATenthCannotShowStaysAsItIsStored() throws Exception {
        Swatch fine = Swatch.of(Lab.of(61.234, 9.05, 17.04), Lab.of(60.111, 9.05, 17.04))
                .by(new Measure(Measure.By.SHEET, LocalDate.of(2026, 6, 1), .7, null));
        Product stored = product(61).with(fine).withAllergens("lanolin, CI 1").hiding(.77777);
        given(kit.get(any(), anyLong())).willReturn(stored);
        ProductForm shown = ProductForm.of(stored, Formula.guessed(stored));
        assertThat(shown.families()).containsExactly(AllergenFamily.LANOLIN);
        assertThat(shown.allergens()).isEqualTo("CI 1");
        assertThat(shown.product(stored, fine)).isEqualTo(stored);
    }

    private static MockHttpServletRequestBuilder form(String path, String settledL) {
        MockHttpServletRequestBuilder form = post(path)
                .param("line", "Gneiss")
                .param("name", "1")
                .param("role", "BASE")
                .param("form", "LIQUID")
                .param("finish", "SATIN")
                .param("coverage", "75")
                .param("version", "3");
        return settledL.isEmpty()
                ? form
                : form.param("way", "FIGURES")
                        .param("wetL", "60")
                        .param("wetA", "9")
                        .param("wetB", "17")
                        .param("settledL", settledL)
                        .param("settledA", "9")
                        .param("settledB", "17");
    }

    private static MockMultipartFile file(String text) {
        return new MockMultipartFile("file", "kit.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }

    private static Product product(double settledL) {
        return Samples.base(9, "31", Lab.of(settledL, 9, 17), 4);
    }
}
