package gyrotaxis.server;

import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

class StructureTest {
    @Test
    void modulesKeepToTheirNeighbours() {
        ApplicationModules.of(Gyrotaxis.class).verify();
    }
}
