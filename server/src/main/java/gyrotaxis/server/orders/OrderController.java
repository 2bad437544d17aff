package gyrotaxis.server.orders;

import gyrotaxis.server.orders.OrderBodies.OrderBody;
import gyrotaxis.server.orders.OrderBodies.OrdersView;
import gyrotaxis.server.orders.OrderBodies.PackOfferView;
import gyrotaxis.server.orders.OrderBodies.ParcelBody;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Every answer is all there is: it is little, and a page that changed something shows it anew at once. */
@RestController
@RequestMapping("/api/orders")
class OrderController {
    private final OrderService service;

    OrderController(OrderService service) {
        this.service = service;
    }

    @GetMapping
    OrdersView orders() {
        return service.all();
    }

    @PostMapping
    OrdersView order(@RequestBody OrderBody body) {
        return service.order(body);
    }

    /** What a supplier has. */
    @GetMapping("/catalogue")
    List<PackOfferView> catalogue(@RequestParam String supplier) {
        return service.catalogue(supplier);
    }

    /** A parcel was looked through. */
    @PostMapping("/{id}/parcels/{number}")
    OrdersView look(@PathVariable UUID id, @PathVariable int number, @RequestBody ParcelBody body) {
        return service.look(id, number, body);
    }

    /** Nothing more is expected of it. */
    @PostMapping("/{id}/closed")
    OrdersView close(@PathVariable UUID id) {
        return service.close(id);
    }
}
