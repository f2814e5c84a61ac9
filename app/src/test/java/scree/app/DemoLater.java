package scree.app;

import java.util.ArrayList;
import java.util.List;
import org.springframework.beans.factory.BeanFactory;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.ApplicationRunner;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Loads the concert when its first test begins instead of while its application starts: applications start one at a time, and tests of
 * all others would wait. It is loaded once in a run; other schemas get a copy of its rows, as they were before any test saw them.
 */
public class DemoLater implements BeanPostProcessor {
    /** Where the rows lie that are copied. */
    private static final String ORIGINAL = "concert";

    private static boolean kept;

    private final BeanFactory beans;
    private ApplicationRunner loader;

    DemoLater(BeanFactory beans) {
        this.beans = beans;
    }

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (!name.equals("demoLoader")) {
            return bean;
        }
        loader = (ApplicationRunner) bean;
        return (ApplicationRunner) args -> {};
    }

    /** Fills the schema, once; does nothing where there is no demo, or where it lies already. */
    public void load() {
        synchronized (DemoLater.class) {
            JdbcTemplate sql = beans.getBean(JdbcTemplate.class);
            if (loader != null
                    && sql.queryForList("select 1 from studio limit 1").isEmpty()) {
                if (kept) {
                    copy(sql);
                } else {
                    run();
                    keep(sql);
                }
            }
            loader = null;
        }
    }

    private void run() {
        try {
            loader.run(null);
        } catch (Exception e) {
            throw new IllegalStateException("the concert could not be loaded", e);
        }
    }

    private static void keep(JdbcTemplate sql) {
        sql.execute("drop schema if exists " + ORIGINAL + " cascade");
        sql.execute("create schema " + ORIGINAL);
        sql.queryForList(
                        "select tablename from pg_tables where schemaname = current_schema()"
                                + " and tablename not like 'flyway%' and tablename not like 'spring_session%'",
                        String.class)
                .forEach(table -> sql.execute("create table %s.%s as table %2$s".formatted(ORIGINAL, table)));
        kept = true;
    }

    /** Table by table, those first that point at no other: what comes too early is tried again. */
    private static void copy(JdbcTemplate sql) {
        List<String> left = sql.queryForList(
                "select tablename from pg_tables where schemaname = ? order by 1", String.class, ORIGINAL);
        while (!left.isEmpty()) {
            List<String> tooEarly = new ArrayList<>();
            for (String table : left) {
                try {
                    sql.execute(rows(sql, table));
                } catch (DataIntegrityViolationException pointsAtWhatIsNotThere) {
                    tooEarly.add(table);
                }
            }
            if (tooEarly.size() == left.size()) {
                throw new IllegalStateException("cannot be copied: " + tooEarly);
            }
            left = tooEarly;
        }
        sql.queryForList(
                        "select format('select setval(%L, coalesce(max(%I), 0) + 1, false) from %I',"
                                + " pg_get_serial_sequence(table_name, column_name), column_name, table_name)"
                                + " from information_schema.columns where table_schema = current_schema()"
                                + " and pg_get_serial_sequence(table_name, column_name) is not null",
                        String.class)
                .forEach(number -> sql.queryForList(number));
    }

    private static String rows(JdbcTemplate sql, String table) {
        String columns = String.join(
                ", ",
                sql.queryForList(
                        "select quote_ident(column_name) from information_schema.columns where table_schema = current_schema()"
                                + " and table_name = ? and is_generated = 'NEVER'",
                        String.class,
                        table));
        return "insert into %1$s (%2$s) overriding system value select %2$s from %3$s.%1$s on conflict do nothing"
                .formatted(table, columns, ORIGINAL);
    }
}
