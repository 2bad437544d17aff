package gyrotaxis.server.storage;

import gyrotaxis.server.shared.Settings;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.util.unit.DataSize;

/**
 * How much room must be left on the disk.
 *
 * @param spare less than this, and nothing more is kept; a database that is written grows by some megabytes before it shrinks
 */
@ConfigurationProperties("gyrotaxis.storage")
record StorageSettings(@DefaultValue("16MB") DataSize spare) {
    @Configuration(proxyBeanMethods = false)
    static class Beans {
        @Bean
        DiskSpace ground(Settings settings) {
            return DiskSpace.at(settings.dataDir());
        }
    }
}
