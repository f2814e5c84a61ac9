package scree.app.base;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes what is worn as a base to a {@code jsonb} column and reads it back whole; the only place that knows its shape there. */
@Component
@MappedTypes({Worn.class, Worn.Single.class, Worn.Mix.class, Worn.TwoTones.class})
public class WornCodec extends BaseTypeHandler<Worn> {
    /** Rises when the shape changes; a migration brings older rows along. */
    static final int VERSION = 1;

    private final JsonMapper json;

    WornCodec(JsonMapper json) {
        this.json = json;
    }

    /** A document as stored. */
    private record Kept(int version, Worn worn) {}

    String write(Worn worn) {
        return json.writeValueAsString(new Kept(VERSION, worn));
    }

    /**
     * @throws IllegalArgumentException when it was written by a later Scree
     * @throws tools.jackson.core.JacksonException when it is no such document
     */
    Worn read(String document) {
        Kept kept = json.readValue(document, Kept.class);
        if (kept.version() != VERSION || kept.worn() == null) {
            throw new IllegalArgumentException("a base of version %d is stored, but %d is read: bring Scree up to date"
                    .formatted(kept.version(), VERSION));
        }
        return kept.worn();
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, Worn worn, JdbcType type) throws SQLException {
        statement.setObject(at, write(worn), Types.OTHER);
    }

    @Override
    public Worn getNullableResult(ResultSet row, String column) throws SQLException {
        return readOrNull(row.getString(column));
    }

    @Override
    public Worn getNullableResult(ResultSet row, int column) throws SQLException {
        return readOrNull(row.getString(column));
    }

    @Override
    public Worn getNullableResult(CallableStatement call, int column) throws SQLException {
        return readOrNull(call.getString(column));
    }

    private Worn readOrNull(String document) {
        return document == null ? null : read(document);
    }
}
