package gyrotaxis.server.storage;

import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.h2.jdbcx.JdbcDataSource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** The migrations of this version, and what has been done of them in a database. */
public final class Migrations {
    private static final Pattern NAME = Pattern.compile("V(\\d+)__.*\\.sql");

    /** What Flyway calls its table here; it is quoted, since H2 would write it in capitals. */
    private static final String HISTORY = "flyway_schema_history";

    private Migrations() {}

    /** The schema version that the newest migration leads to. */
    public static int newest() throws IOException {
        int newest = 0;
        for (Resource migration :
                new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*__*.sql")) {
            Matcher version = NAME.matcher(Objects.requireNonNull(migration.getFilename()));
            if (version.matches()) {
                newest = Math.max(newest, Integer.parseInt(version.group(1)));
            }
        }
        return newest;
    }

    /** What brings a database to a version. It must not be open elsewhere, unless in this process. */
    public static FluentConfiguration flyway(String url, String password) {
        JdbcDataSource source = new JdbcDataSource();
        source.setURL(url);
        source.setUser("sa");
        source.setPassword(password);
        return Flyway.configure().dataSource(source).locations("classpath:db/migration");
    }

    /** The schema version of a database; 0 if no migration has been done in it. */
    static int versionOf(Connection database) throws SQLException {
        try (Statement s = database.createStatement()) {
            try (ResultSet tables = s.executeQuery(
                    "select count(*) from information_schema.tables where table_name = '" + HISTORY + "'")) {
                if (!tables.next() || tables.getInt(1) == 0) {
                    return 0;
                }
            }
            try (ResultSet version = s.executeQuery("select coalesce(max(cast(\"version\" as int)), 0) from \""
                    + HISTORY + "\" where \"success\" and \"version\" is not null")) {
                version.next();
                return version.getInt(1);
            }
        }
    }
}
