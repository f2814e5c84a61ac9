package scree.app.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SecretsTest {
    /** FIPS 180-4's own example. */
    @Test
    void aHashIsTheStandards() {
        assertThat(Secrets.hash("abc")).isEqualTo("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
    }

    @Test
    void aTextIsHashedByItsUtf8BytesWhateverTheMachineSpeaks() {
        assertThat(Secrets.hash("Å")).isEqualTo(Secrets.hash(new byte[] {(byte) 0xc3, (byte) 0x85}));
    }

    @Test
    void tokensFitIntoAnAddressAndAreNeverTheSame() {
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < 1000; i++) {
            seen.add(Secrets.token(24));
        }
        assertThat(seen).hasSize(1000).allMatch(t -> t.matches("[A-Za-z0-9_-]{32}"));
    }
}
