package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.willThrow;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import scree.app.Samples;
import scree.app.WebTest;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.meter.PressedSwatch;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.shade.DryDown;
import scree.core.skin.ReferenceCurve;

/** A swatch under the meter: what is measured is taken only when the presses agree, and nothing is lost on the way. */
@WebTest
class SwatchControllerTest {
    private static final Pressed NONE = new Pressed(List.of());
    private static final Lab WET = Lab.of(66, 9, 17);
    private static final Lab DRY = Lab.of(63, 10, 18);

    @Autowired
    private MockMvc http;

    @Autowired
    private Kit kit;

    @Autowired
    private Meters meters;

    private static Product product() {
        return Samples.base(1, "31", ReferenceCurve.at(64), 4);
    }

    private static Pressed thrice(Lab colour) {
        return new Pressed(Collections.nCopies(3, colour));
    }

    private void swatch(Pressed wet, Pressed settled, Instant wetAt) {
        given(meters.swatch(any(), anyLong()))
                .willReturn(new PressedSwatch(
                        wet,
                        settled,
                        Optional.ofNullable(wetAt).map(t -> OffsetDateTime.ofInstant(t, ZoneOffset.UTC))));
    }

    @BeforeEach
    void aProduct() {
        given(kit.get(any(), anyLong())).willReturn(product());
        given(meters.colourSetUp()).willReturn(true);
        swatch(NONE, NONE, null);
    }

    @Test
    void anEmptySwatchCountsFromNoughtAndCannotBeTaken() throws Exception {
        http.perform(get("/kit/1/swatch").with(user(RUNA)))
                .andExpect(content()
                        .string(allOf(
                                containsString("0 of 3 presses"),
                                containsString("Takes about"),
                                containsString("disabled=\"disabled\""))));
    }

    @Test
    void withoutAMeterNothingCanBePressed() throws Exception {
        given(meters.colourSetUp()).willReturn(false);
        http.perform(get("/kit/1/swatch").with(user(RUNA)))
                .andExpect(content().string(containsString("No colour meter is set up")));
    }

    @Test
    void theDryDownRunsFromTheLastWetPress() throws Exception {
        swatch(thrice(WET), NONE, WebTest.NOW.minusSeconds(60));
        http.perform(get("/kit/1/swatch").with(user(RUNA)))
                .andExpect(content().string(containsString("L* 66.0  a* 9.0  b* 17.0")))
                .andExpect(content().string(containsString("Settles in")));
        swatch(thrice(WET), NONE, WebTest.NOW.minusSeconds(6000));
        http.perform(get("/kit/1/swatch").with(user(RUNA)))
                .andExpect(content().string(not(containsString("Settles in"))));
    }

    @Test
    void pressesThatPartAreSaidToPart() throws Exception {
        swatch(new Pressed(List.of(WET, Lab.of(58, 9, 17), WET)), NONE, WebTest.NOW);
        http.perform(get("/kit/1/swatch").with(user(RUNA)))
                .andExpect(content().string(containsString("The presses part")));
    }

    /** What stripes taught stays beside the record, it does not become the record. */
    @Test
    void aWetSwatchAloneLeavesTheRecordedSettledColour() throws Exception {
        Product learned = product()
                .with(new Swatch(
                        product().wet(), product().recorded(), new DryDown.Shift(-3.0, .5, .5), Measure.TYPED));
        given(kit.get(any(), anyLong())).willReturn(learned);
        swatch(thrice(WET), NONE, WebTest.NOW);
        http.perform(post("/kit/1/swatch/take").with(user(RUNA)).with(csrf())).andExpect(redirectedUrl("/kit/1"));
        ArgumentCaptor<Product> kept = ArgumentCaptor.forClass(Product.class);
        verify(kit).change(any(), kept.capture());
        assertThat(kept.getValue().recorded()).isEqualTo(learned.recorded());
    }

    @Test
    void onlyWhatAgreesIsTakenIntoTheProduct() throws Exception {
        swatch(new Pressed(List.of(WET, Lab.of(58, 9, 17), WET)), thrice(DRY), WebTest.NOW);
        http.perform(post("/kit/1/swatch/take").with(user(RUNA)).with(csrf())).andExpect(redirectedUrl("/kit/1"));
        ArgumentCaptor<Product> saved = ArgumentCaptor.forClass(Product.class);
        verify(kit).change(any(), saved.capture());
        org.assertj.core.api.Assertions.assertThat(saved.getValue().wet())
                .isEqualTo(product().wet());
        org.assertj.core.api.Assertions.assertThat(saved.getValue().recorded().lightness())
                .isEqualTo(63);
        org.assertj.core.api.Assertions.assertThat(saved.getValue().version()).isEqualTo(4);
        verify(meters).forgetSwatch(RUNA.studio(), 1);
    }

    @Test
    void whenSomebodyElseSavedInBetweenThePressesAreKept() throws Exception {
        swatch(thrice(WET), thrice(DRY), WebTest.NOW);
        willThrow(new StaleSave(product())).given(kit).change(any(), any());
        http.perform(post("/kit/1/swatch/take").with(user(RUNA)).with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Someone else saved this product in between")));
        verify(meters, never()).forgetSwatch(any(), anyLong());
    }

    @ParameterizedTest
    @EnumSource(MeterTrouble.Why.class)
    void everyTroubleIsASentenceAndThePressesSoFarStay(MeterTrouble.Why why) throws Exception {
        swatch(new Pressed(List.of(WET, WET)), NONE, WebTest.NOW);
        willThrow(new MeterTrouble(why)).given(meters).pressSwatch(any(), anyLong(), anyBoolean(), any());
        http.perform(post("/kit/1/swatch").param("wet", "true").with(user(RUNA)).with(csrf()))
                .andExpect(content()
                        .string(allOf(
                                containsString("role=\"alert\""),
                                containsString("2 of 3 presses"),
                                not(containsString("meter.skin.")))));
        willThrow(new MeterTrouble(why)).given(meters).tile();
        http.perform(post("/kit/1/swatch/tile").with(user(RUNA)).with(csrf()))
                .andExpect(content().string(containsString("role=\"alert\"")));
    }

    @Test
    void aPressGoesToTheStateThatWasAskedFor() throws Exception {
        for (boolean wet : new boolean[] {true, false}) {
            http.perform(post("/kit/1/swatch")
                            .param("wet", String.valueOf(wet))
                            .with(user(RUNA))
                            .with(csrf()))
                    .andExpect(redirectedUrl("/kit/1/swatch"));
            verify(meters)
                    .pressSwatch(
                            RUNA.studio(),
                            1,
                            wet,
                            wet ? product().wet() : product().settled());
        }
        http.perform(post("/kit/1/swatch/forget").with(user(RUNA)).with(csrf()))
                .andExpect(redirectedUrl("/kit/1/swatch"));
        verify(meters).forgetSwatch(RUNA.studio(), 1);
    }

    @Test
    void anotherStudiosProductIsNeitherShownNorForgotten() throws Exception {
        given(kit.get(any(), anyLong())).willThrow(new NotHere("product"));
        http.perform(get("/kit/9/swatch").with(user(RUNA))).andExpect(status().isNotFound());
        http.perform(post("/kit/9/swatch/forget").with(user(RUNA)).with(csrf())).andExpect(status().isNotFound());
        verify(meters, never()).forgetSwatch(any(), anyLong());
    }
}
