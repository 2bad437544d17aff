package gyrotaxis.server.door.way;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.server.shared.CannotStart;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CertificatesTest {
    private static final List<String> NAMES = List.of("till.local", "192.0.2.7", "2001:db8:0:0:0:0:0:7");

    @Test
    void holdForAllNamesAreRenewedInTimeAndKeepTheirAuthority(@TempDir Path folder) throws Exception {
        Certificates now = new Certificates(folder, Clock.systemUTC());
        assertThat(now.ensure(NAMES)).isTrue();
        X509Certificate authority = now.authority();
        X509Certificate server = now.server();
        server.verify(authority.getPublicKey());
        assertThat(server.getSubjectAlternativeNames().stream()
                        .map(n -> n.get(1).toString()))
                .contains("till.local", "192.0.2.7", "2001:db8:0:0:0:0:0:7", "localhost", "127.0.0.1");
        assertThat(server.getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
        assertThat(server.getBasicConstraints()).isEqualTo(-1);
        assertThat(authority.getBasicConstraints()).isZero();
        assertThat(Duration.between(
                        server.getNotBefore().toInstant(), server.getNotAfter().toInstant()))
                .isLessThanOrEqualTo(Duration.ofDays(398));
        for (String file : List.of("secret", "authority.p12", "server.p12")) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("door/" + file))))
                    .as(file)
                    .isEqualTo("rw-------");
        }
        // Nothing is made anew without a reason.
        assertThat(now.ensure(NAMES)).isFalse();
        assertThat(now.server()).isEqualTo(server);
        // Called otherwise.
        assertThat(now.ensure(List.of("desk.local"))).isTrue();
        assertThat(now.server()).isNotEqualTo(server);
        assertThat(now.authority()).isEqualTo(authority);
        // A year on its time runs out.
        Clock later = Clock.fixed(Instant.now().plus(Duration.ofDays(370)), ZoneOffset.UTC);
        assertThat(new Certificates(folder, later).ensure(List.of("desk.local")))
                .isTrue();
        assertThat(now.authority()).isEqualTo(authority);
        // In nine years that of the authority.
        Clock last = Clock.fixed(Instant.now().plus(Duration.ofDays(3300)), ZoneOffset.UTC);
        assertThat(new Certificates(folder, last).ensure(List.of("desk.local"))).isTrue();
        assertThat(now.authority()).isNotEqualTo(authority);
        now.server().verify(now.authority().getPublicKey());
    }

    /** Every device would have to trust another one; whoever starts the studio decides that. */
    @Test
    void anAuthorityThatCannotBeReadIsNotReplaced(@TempDir Path folder) throws Exception {
        Certificates certificates = new Certificates(folder, Clock.systemUTC());
        certificates.ensure(NAMES);
        Path authority = folder.resolve("door/authority.p12");
        Files.writeString(authority, "damaged");
        assertThatThrownBy(() -> certificates.ensure(NAMES)).isInstanceOf(CannotStart.class);
        assertThat(authority).hasContent("damaged");
    }
}
