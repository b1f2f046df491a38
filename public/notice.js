// Shows notices of the Bench where a page alone may not, as on telephones. It keeps and fetches nothing.
self.addEventListener('notificationclick', (event) => {
    event.notification.close();
    event.waitUntil(
        self.clients.matchAll({ type: 'window' }).then((pages) => {
            const page = pages.find((each) => 'focus' in each);
            return page ? page.focus() : self.clients.openWindow(event.notification.data || '/');
        }),
    );
});
