package gyrotaxis.server.shopping;

import gyrotaxis.server.shared.Download;
import gyrotaxis.server.shopping.ShoppingViews.ShoppingView;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ShoppingController {
    private final ShoppingService service;

    private final ShoppingPaper paper;

    ShoppingController(ShoppingService service, ShoppingPaper paper) {
        this.service = service;
        this.paper = paper;
    }

    /** The list on paper. */
    @GetMapping(value = "/api/shopping/list.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> shoppingPaper(@RequestParam(defaultValue = "14") int days) {
        return Download.of("shopping list.pdf", paper.paper(service.list(days)));
    }

    /** The list for a spreadsheet. */
    @GetMapping(value = "/api/shopping/list.csv", produces = "text/csv")
    ResponseEntity<byte[]> shoppingTable(@RequestParam(defaultValue = "14") int days) {
        return Download.of("shopping list.csv", paper.table(service.list(days)));
    }

    /** What is to be bought for what is planned in so many days. */
    @GetMapping("/api/shopping")
    ShoppingView list(@RequestParam(defaultValue = "14") int days) {
        return service.list(days);
    }
}
