package scree.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PasswordsTest {
    private final Passwords passwords = new Passwords();
    private static final List<String> KNOWN = List.of("Mara Ellstrand", "mara@slope.example", "Slope and Stone");

    private Passwords.Fault judge(String password) {
        return passwords.judge(password, KNOWN);
    }

    @Test
    void whatAGuesserTriesFirstIsRefused() {
        for (String weak : List.of(
                "password", "Passw0rd!", "qwertyuiop", "12345678901234", "mara@slope.example", "Mara Ellstrand1")) {
            assertThat(judge(weak)).as(weak).isEqualTo(Passwords.Fault.WEAK);
        }
    }

    @Test
    void afewOwnWordsAreTaken() {
        for (String good : List.of("seven loose stones on a slope", "grå fjær under broen", "tR7#vq0-Lw")) {
            assertThat(judge(good)).as(good).isEqualTo(Passwords.Fault.NONE);
        }
    }

    /** What bcrypt would not look at must not count. */
    @Test
    void nothingIsTakenThatWouldBeCut() {
        assertThat(judge(null)).isEqualTo(Passwords.Fault.EMPTY);
        assertThat(judge("")).isEqualTo(Passwords.Fault.EMPTY);
        assertThat(judge("correct horse battery ".repeat(4))).isEqualTo(Passwords.Fault.LONG);
        assertThat(judge("ø".repeat(37))).as("two bytes each").isEqualTo(Passwords.Fault.LONG);
        assertThat(judge("seven loose\0stones on a slope")).isEqualTo(Passwords.Fault.LONG);
    }
}
