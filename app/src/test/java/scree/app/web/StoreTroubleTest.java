package scree.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.dao.DataIntegrityViolationException;

/** A database that is away is told from a fault of our own. */
class StoreTroubleTest {
    @ParameterizedTest
    @CsvSource({"08006, true", "57P01, true", "57P03, true", "23505, false", "42601, false"})
    void theSqlStateTells(String state, boolean away) {
        Exception wrapped = new IllegalStateException(new RuntimeException(new SQLException("x", state)));
        assertThat(StoreTrouble.away(wrapped)).isEqualTo(away);
    }

    @Test
    void aPoolThatGivesNoConnectionIsAwayAndACircleOfCausesEnds() {
        assertThat(StoreTrouble.away(new RuntimeException(new SQLTransientConnectionException("timed out"))))
                .isTrue();
        assertThat(StoreTrouble.away(new DataIntegrityViolationException("x"))).isFalse();
        Exception one = new Exception();
        Exception two = new Exception(one);
        one.initCause(two);
        assertThat(StoreTrouble.away(one)).isFalse();
    }
}
