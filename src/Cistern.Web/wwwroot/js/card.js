document.getElementById('print').addEventListener('click', () => window.print());
