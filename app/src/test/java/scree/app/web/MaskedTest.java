package scree.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A client's link opens with its token alone, so no log may hold one. */
class MaskedTest {
    @Test
    void aLinksTokenIsNeverWrittenDown() {
        assertThat(Masked.path("/from-home/s3cr3tT0ken_-x/picture")).isEqualTo("/from-home/…/picture");
        assertThat(Masked.path("/from-home/s3cr3tT0ken")).doesNotContain("s3cr3t");
        assertThat(Masked.path("/clients/5")).isEqualTo("/clients/5");
        assertThat(Masked.path("/x".repeat(900))).hasSizeLessThan(210);
    }
}
