package scree.app.base;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import scree.app.TestDatabase;
import scree.core.colour.Lab;
import scree.core.shade.NeckBridge;

/** Bases that were taken before they were one document are read whole after the migration. */
@TestDatabase
class WornBeforeIT {
    private static final String SCHEMA = "worn_before";

    @Autowired
    private DataSource data;

    @Autowired
    private JdbcTemplate sql;

    @Autowired
    private WornCodec codec;

    @BeforeEach
    void aStudioAsItWasThen() {
        to("7");
        sql.execute("""
                INSERT INTO worn_before.studio (name) VALUES ('then');
                INSERT INTO worn_before.artist (studio_id, name, email, password_hash)
                SELECT id, 'Runa', 'then@scree.example', 'x' FROM worn_before.studio;
                INSERT INTO worn_before.client (studio_id, name) SELECT id, 'Petra' FROM worn_before.studio;
                INSERT INTO worn_before.sitting (studio_id, client_id, artist_id, starts_at, minutes, event)
                SELECT c.studio_id, c.id, a.id, '2026-06-20 10:00', 45, 'Concert'
                FROM   worn_before.client c, worn_before.artist a""");
    }

    @AfterEach
    void away() {
        sql.execute("DROP SCHEMA worn_before CASCADE");
    }

    private void to(String version) {
        Flyway.configure()
                .dataSource(data)
                .schemas(SCHEMA)
                .target(version)
                .load()
                .migrate();
    }

    private Worn afterwards(String line, String name, String more) {
        sql.update("""
                INSERT INTO worn_before.base_choice (studio_id, sitting_id, artist_id, line, name, form, finish, contrast_ratio,
                    wet_l, wet_a, wet_b, settled_l, settled_a, settled_b, target_l, target_a, target_b, school, difference, rank,
                    trust, more)
                SELECT studio_id, id, artist_id, ?, ?, 'LIQUID', 'SATIN', .78, 61, 9, 17, 59.7, 9.4, 17.2, 60, 9, 17,
                       'JAW_TO_NECK', .5, 1, 'COLOUR_CARD', ?::jsonb
                FROM   worn_before.sitting""", line, name, more);
        to("8");
        return codec.read(sql.queryForObject("SELECT worn FROM worn_before.base_choice", String.class));
    }

    @Test
    void aSingleShadeAndItsBridge() {
        Worn worn = afterwards("Marl", "31", """
                {"neck": {"way": "WARM_THE_NECK", "products": ["Ember Low sun", "Marl 33"], "coats": [0.5, 1], "left": 0.9}}""");
        assertThat(worn).isInstanceOf(Worn.Single.class);
        assertThat(worn.shade().fullName()).isEqualTo("Marl 31");
        assertThat(worn.shade().onSkin()).isEqualTo(Lab.of(59.7, 9.4, 17.2));
        assertThat(worn.neck())
                .isEqualTo(new Worn.Neck(
                        NeckBridge.Way.WARM_THE_NECK,
                        List.of(new Worn.Used("Ember Low sun", .5), new Worn.Used("Marl 33", 1)),
                        .9));
    }

    @Test
    void aMixWithItsParts() {
        Worn worn = afterwards("Mix", "5 Marl 31, 1 White drops", """
                {"recipe": [{"line": "Marl", "name": "31", "count": 5, "l": 60, "a": 9, "b": 17, "strength": 1},
                            {"line": "Lime", "name": "White drops", "count": 1, "l": 95, "a": 0, "b": 2, "strength": 1.4}]}""");
        assertThat(((Worn.Mix) worn).parts())
                .containsExactly(
                        new Worn.Part("Marl", "31", 5, Lab.of(60, 9, 17), 1),
                        new Worn.Part("Lime", "White drops", 1, Lab.of(95, 0, 2), 1.4));
        assertThat(worn.neck()).isNull();
    }

    @Test
    void twoTonesAndAPlainOne() {
        Worn worn = afterwards("Marl", "31", """
                {"inner": {"line": "Loess", "name": "4", "l": 66, "a": 8, "b": 16, "difference": 1.1, "apart": 3.2}}""");
        assertThat(((Worn.TwoTones) worn).inner()).isEqualTo(new Worn.Inner("Loess", "4", Lab.of(66, 8, 16), 1.1, 3.2));
    }
}
