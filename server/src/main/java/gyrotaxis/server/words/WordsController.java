package gyrotaxis.server.words;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/words")
class WordsController {
    /** Words, order, limits and defaults of every choice. */
    @GetMapping
    WordsView words() {
        return WordsView.all();
    }
}
