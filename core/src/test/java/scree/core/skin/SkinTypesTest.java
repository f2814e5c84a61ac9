package scree.core.skin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class SkinTypesTest {
    @Test
    void whatFingersFoundGoesBeforeWhatWasTold() {
        SkinTypes types = new SkinTypes(SkinType.DRY, Map.of(Region.T_ZONE, SkinType.OILY));
        assertThat(types.all()).containsExactly(SkinType.OILY);
        assertThat(types.cheeks()).isEqualTo(SkinType.DRY);
        assertThat(new SkinTypes(SkinType.DRY, Map.of()).all()).containsExactly(SkinType.DRY);
        assertThat(new SkinTypes(null, Map.of()).cheeks()).isNull();
    }
}
