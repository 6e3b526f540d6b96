package app.frenum.server.history;

import java.io.IOException;
import java.io.Writer;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What was changed, the newest first. */
@Service
@Transactional(readOnly = true)
class Changes {
    private static final int PAGE = 100;
    /** Each filter says nothing where it is not given. */
    private static final String ASKED =
            " from change where (cast(:test as uuid) is null or test_id = :test) and (:who = '' or who = :who)"
                    + " and (:what = '' or of_what = :what) and (:before = 0 or id < :before) order by id desc";

    private static final TypeReference<Map<String, String>> TEXTS = new TypeReference<>() {};

    private final JdbcClient jdbc;
    private final JsonMapper json;

    Changes(JdbcClient jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /**
     * What is asked for.
     *
     * @param test of one test alone; null for all
     * @param who by one person alone; empty for all
     * @param what of one kind alone; empty for all
     * @param before those before this one alone; 0 for the newest
     */
    record Asked(@Nullable UUID test, String who, String what, long before) {}

    List<ChangeView> page(Asked asked) {
        return spec("select *" + ASKED + " limit " + PAGE, asked)
                .query(this::change)
                .list();
    }

    /** Everybody who changed something, and everything that was. */
    List<String> people() {
        return jdbc.sql("select distinct who from change where who <> '' order by who")
                .query(String.class)
                .list();
    }

    /** All of it as CSV, row by row as it is read. */
    void write(Asked asked, Writer to) throws IOException {
        ChangeSheet sheet = new ChangeSheet(to);
        try (var rows = spec("select *" + ASKED, asked).query(this::change).stream()) {
            rows.forEach(sheet::add);
        }
        sheet.close();
    }

    private JdbcClient.StatementSpec spec(String sql, Asked asked) {
        return jdbc.sql(sql)
                .param("test", asked.test(), java.sql.Types.OTHER)
                .param("who", asked.who())
                .param("what", asked.what())
                .param("before", asked.before());
    }

    private ChangeView change(ResultSet r, int index) throws SQLException {
        return new ChangeView(
                r.getLong("id"),
                r.getTimestamp("at").toInstant(),
                r.getString("who"),
                r.getString("screen"),
                r.getString("of_what"),
                r.getObject("row_id", UUID.class),
                r.getObject("test_id", UUID.class),
                ChangeView.Kind.valueOf(r.getString("kind")),
                json.readValue(r.getString("before"), TEXTS),
                json.readValue(r.getString("after"), TEXTS));
    }
}
