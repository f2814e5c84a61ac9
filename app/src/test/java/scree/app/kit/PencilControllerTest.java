package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.willThrow;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static scree.app.Members.RUNA;

import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import scree.app.WebTest;
import scree.app.web.StaleSave;
import scree.core.colour.Film;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.SkinSpectrum;

/** What a coat hides, told by a pencil line: kept, refused with the way out, and given back to the estimate. */
@WebTest
class PencilControllerTest {
    private static final Lab SKIN = Lab.of(66, 9, 16);
    private static final Lab LINE = Lab.of(30, 2, 2);
    private static final double SHARE = .31;

    @Autowired
    private MockMvc http;

    @Autowired
    private Kit kit;

    @BeforeEach
    void aConcealer() {
        given(kit.get(any(), anyLong())).willReturn(concealer());
    }

    private static Product concealer() {
        return Product.fresh("Chert", "C3", Role.CONCEALER, Form.CREAM, Finish.SATIN, .9, Swatch.of(Lab.of(65, 9, 17)))
                .stored(7, 3);
    }

    private ResultActions read(Lab line, Lab skin, Lab lineUnder, Lab skinUnder) throws Exception {
        var request = post("/kit/7/pencil").with(user(RUNA)).with(csrf());
        String[] names = {"line", "skin", "coatedLine", "coatedSkin"};
        Lab[] colours = {line, skin, lineUnder, skinUnder};
        for (int i = 0; i < names.length; i++) {
            request = request.param(names[i] + "L", figure(colours[i].lightness()))
                    .param(names[i] + "A", figure(colours[i].a()))
                    .param(names[i] + "B", figure(colours[i].b()));
        }
        return http.perform(request);
    }

    private static String figure(double v) {
        return String.format(Locale.ROOT, "%.2f", v);
    }

    private static Film coat() {
        return UsualCoat.of(Form.CREAM, Lab.of(65, 9, 17), .9, SHARE).worn(1);
    }

    private static Lab lineUnder() {
        return coat().over(LeastSlope.spectrumOf(LINE).orElseThrow()).toLab();
    }

    private static Lab skinUnder() {
        return coat().over(SkinSpectrum.of(SKIN)).toLab();
    }

    @Test
    void whatTheLineTellsIsKept() throws Exception {
        read(LINE, SKIN, lineUnder(), skinUnder()).andExpect(status().is3xxRedirection());
        ArgumentCaptor<Product> kept = ArgumentCaptor.forClass(Product.class);
        verify(kit).change(any(), kept.capture());
        assertThat(kept.getValue().traits().wornShare()).isCloseTo(SHARE, within(.01));
    }

    @Test
    void aFaintLineIsRefusedAndNothingTypedIsLost() throws Exception {
        read(Lab.of(62, 9, 16), SKIN, Lab.of(64, 9, 16), Lab.of(65, 9, 16))
                .andExpect(content().string(containsString("Draw a darker one")))
                .andExpect(content().string(containsString("value=\"62\"")));
        verify(kit, never()).change(any(), any());
    }

    @Test
    void aLineThatNoCoatLeavesIsRefused() throws Exception {
        read(LINE, SKIN, SKIN, LINE).andExpect(content().string(containsString("mixed up")));
        verify(kit, never()).change(any(), any());
    }

    @Test
    void aMissingFigureIsNamed() throws Exception {
        http.perform(post("/kit/7/pencil")
                        .param("lineL", "abc")
                        .with(user(RUNA))
                        .with(csrf()))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("The line, bare L*")))
                .andExpect(content().string(containsString("abc")));
        verify(kit, never()).change(any(), any());
    }

    @Test
    void aStaleSaveSaysSo() throws Exception {
        willThrow(new StaleSave(concealer())).given(kit).change(any(), any());
        read(LINE, SKIN, lineUnder(), skinUnder()).andExpect(content().string(containsString("Somebody else saved")));
    }
}
