declare module 'fontkit';
