package gyrotaxis.server.find;

import java.util.List;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FindController {
    private static final int MAX_LENGTH = 120;

    private final Finder finder;

    FindController(Finder finder) {
        this.finder = finder;
    }

    /** Clients, plans, lines and visits by any part of a name. */
    @GetMapping("/api/find")
    @Transactional(readOnly = true)
    public List<Finder.Hit> find(@RequestParam String q) {
        return finder.find(q.length() > MAX_LENGTH ? q.substring(0, MAX_LENGTH) : q);
    }
}
